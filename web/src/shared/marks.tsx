import type { ReactNode } from "react";
import type { PageDto } from "../api/client";

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

/** What is not ordinary about who gets a page; nothing for one that is open to all, or for no page. */
export function ReachMark({ page }: { readonly page: Pick<PageDto, "reach" | "membersOnly"> | undefined }) {
  return (
    page && (
      <>
        {page.reach === "BY_LINK_ONLY" && <KeyMark />}
        {page.reach === "HELD_BACK" && <GateMark />}
        {page.membersOnly && <MembersMark />}
      </>
    )
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

/** A gate that stands open or is shut for a while. */
export function PeriodMark({ open }: { readonly open: boolean }) {
  return (
    <Mark>
      <path
        d={open ? "M1.5 2v11M12.5 2v11M1.5 4.5l4 2v6l-4-2" : "M1.5 2v11M12.5 2v11M1.5 4.5h11M1.5 10.5h11"}
        fill="none"
        stroke="currentColor"
        strokeWidth="1.5"
      />
    </Mark>
  );
}

export function LockMark() {
  return (
    <Mark>
      <path d="M2.2 6.5h9.6v6H2.2z" fill="none" stroke="currentColor" strokeWidth="1.5" />
      <path d="M4.3 6.5V4.2a2.7 2.7 0 0 1 5.4 0v2.3" fill="none" stroke="currentColor" strokeWidth="1.5" />
    </Mark>
  );
}

/** A card with a portrait, as members carry it. */
export function MembersMark() {
  return (
    <Mark>
      <path
        d="M1.5 2.5h11v9h-11zM3.6 9.6c.2-2.2 3.6-2.2 3.8 0M9 5.5h2M9 8h2"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.3"
      />
      <circle cx="5.5" cy="5.6" r="1.3" fill="none" stroke="currentColor" strokeWidth="1.3" />
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

/** A page that stands on a plinth: always there. */
export function BuiltInMark() {
  return (
    <Mark>
      <path
        d="M3.5 1.5h7v7.5h-7zM1.5 12.2h11M1.5 10.6h11"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.4"
      />
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

/** The kinds of item. */
export function KindMark({ kind }: { readonly kind: string }) {
  return (
    <Mark>
      <path d={KINDS[kind] ?? ""} fill="none" stroke="currentColor" strokeWidth="1.4" />
    </Mark>
  );
}

const KINDS: Readonly<Record<string, string>> = {
  PAGE: "M3 1.5h5.5l2.5 2.5v8.5H3zM8.5 1.5V4h2.5",
  LISTED: "M3 1.5h5.5l2.5 2.5v8.5H3zM8.5 1.5V4h2.5",
  PLACE: "M3 1.5h5.5l2.5 2.5v8.5H3zM8.5 1.5V4h2.5M5 8.5h4",
  WEB_LINK: "M6 3H2.5v8.5H11V8M8 2h4v4M12 2L6.5 7.5",
  MAIL: "M1.5 3h11v8h-11zM1.5 3.5L7 8l5.5-4.5",
  PHONE: "M4.5 1.5h5v11h-5zM6 10.5h2",
  MAIL_OF_BUSINESS: "M1.5 3h11v8h-11zM1.5 3.5L7 8l5.5-4.5",
  PHONE_OF_BUSINESS: "M4.5 1.5h5v11h-5zM6 10.5h2",
  CHANNELS: "M1.5 5h3v3h-3zM5.5 5h3v3h-3zM9.5 5h3v3h-3z",
  FILE: "M3 1.5h5.5l2.5 2.5v8.5H3zM5 8l2 2 2-2M7 5.5V10",
  HEADING: "M2 3h10M2 7h6M2 11h6",
  TEXT: "M2 4h10M2 8h10M2 12h5",
  WORDS: "M1.5 2h11v10h-11zM4 5h6M4 7.2h6M4 9.4h3",
  PICTURE: "M1.5 2h11v10h-11zM1.5 10l3.5-4 3 3 1.5-1.5 3 3",
  SEARCH_FIELD: "M1.5 4h11v6h-11zM9.5 8.5l-1.6-1.6M8.2 6.2a1 1 0 1 0-2 0a1 1 0 1 0 2 0",
  CONTACT_CARD: "M1.5 2.5h11v9h-11zM4 5.5h2v2H4zM8 5.5h2.5M8 8.5h2.5",
  FORM_OF_PAGE: "M1.5 2h11v10h-11zM4 4.5h6v2H4zM4 9h3",
  SUMMARY_OF_PAGE: "M1.5 2h11v10h-11zM4 4.5h2.5v2.5H4zM8.5 5h2M4 9.5h6.5",
  POSITION_MAP: "M1.5 3l3.5-1 4 1 3.5-1v9l-3.5 1-4-1-3.5 1zM5 2v9M9 3v9",
  OTHER_MENU: "M1.5 2h7v5h-7zM5.5 7v5h7V7h-4",
  LIST: "M2 3h1M5 3h7M2 7h1M5 7h7M2 11h1M5 11h7",
  MENU: "M1.5 2.5h11v3h-11zM3 8h8M3 11h8",
};

/** Before what can be shown or not. */
export function TickMark({ shown }: { readonly shown: boolean }) {
  return (
    <Mark>
      {shown && <path d="M2.5 7.5 5.5 10.5 11.5 3.5" fill="none" stroke="currentColor" strokeWidth="1.8" />}
    </Mark>
  );
}
