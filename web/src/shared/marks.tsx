import type { ReactNode } from "react";

/** Our own small drawings, 14 px square. They say nothing by themselves: the word stands beside or in the hint. */
function Mark({ children }: { readonly children: ReactNode }) {
  return (
    <svg className="mark" viewBox="0 0 14 14" width="14" height="14" aria-hidden="true">
      {children}
    </svg>
  );
}

export function VelnikMark() {
  return (
    <svg viewBox="0 0 18 18" width="18" height="18" aria-hidden="true">
      <path d="M3 2v14M3 4h12M3 9h6M3 14h8" fill="none" stroke="var(--ink)" strokeWidth="2.4" />
      <path d="M9 9h2.5M11 14h2.5" fill="none" stroke="var(--tide)" strokeWidth="2.4" />
    </svg>
  );
}

export function KeyMark() {
  return (
    <Mark>
      <circle cx="4" cy="4.5" r="2.6" fill="none" stroke="currentColor" strokeWidth="1.5" />
      <path d="M5.9 6.4l5.6 5.6M9.4 9.9l1.6-1.6" fill="none" stroke="currentColor" strokeWidth="1.5" />
    </Mark>
  );
}

export function GateMark() {
  return (
    <Mark>
      <path
        d="M1.5 2v11M12.5 2v11M1.5 4.5h11M1.5 10.5h11M2 10L12 5"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.5"
      />
    </Mark>
  );
}

export function GroupMark() {
  return (
    <Mark>
      <path d="M1.5 4h4l1.2 1.6h5.8v6h-11z" fill="none" stroke="currentColor" strokeWidth="1.4" />
    </Mark>
  );
}

export function FoldMark({ folded }: { readonly folded: boolean }) {
  return (
    <svg viewBox="0 0 10 10" width="10" height="10" aria-hidden="true">
      <path d={folded ? "M3 1.5L7.5 5 3 8.5z" : "M1.5 3h7L5 7.5z"} fill="currentColor" />
    </svg>
  );
}
