import type { ReactNode } from "react";

/** Drawings of what buttons do, 16 px square, of one pen: 1.5 px, no fill. The button's words or its name say the same. */
function Icon({ d, children }: { readonly d: string; readonly children?: ReactNode }) {
  return (
    <svg className="icon" viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
      <path d={d} fill="none" stroke="currentColor" strokeWidth="1.5" strokeLinejoin="round" />
      {children}
    </svg>
  );
}

/** A row, and a new one on a line beneath it. */
export const AddBelowIcon = () => <Icon d="M2 3.5h12M2 11h5M11 8v6M8 11h6" />;
export const AddUnderIcon = () => <Icon d="M2 3.5h12M3.5 3.5V11H6M12 8v6M9 11h6" />;
export const UpIcon = () => <Icon d="M8 13.5v-11M3.5 7L8 2.5 12.5 7" />;
export const DownIcon = () => <Icon d="M8 2.5v11M3.5 9L8 13.5 12.5 9" />;
export const FirstIcon = () => <Icon d="M3 2h10M8 14V5M4 9l4-4 4 4" />;
export const LastIcon = () => <Icon d="M3 14h10M8 2v9M4 7l4 4 4-4" />;
export const InIcon = () => <Icon d="M2 2v12M4.5 8H14M10 4l4 4-4 4" />;
export const OutIcon = () => <Icon d="M14 2v12M11.5 8H2M6 4L2 8l4 4" />;
export const RenameIcon = () => <Icon d="M2 14l.8-3.2L10.5 3l2.5 2.5-7.8 7.700zM8.8 4.700l2.5 2.5" />;
/** Lines of a text, the last of them being written. */
export const WriteIcon = () => (
  <Icon d="M2 3h12M2 6.500h12M2 10h6M2 13.500h3M8.5 14l.6-2.300 4-4 1.700 1.700-4 4z" />
);
export const GroupIcon = () => <Icon d="M2 3h12M4.5 3v9.500H7M4.5 7.500H7M8 7.500h6M8 12.500h6" />;
export const MoveToIcon = () => <Icon d="M2 4h6M2 12h6M2 8h10M9.5 4.500L13 8l-3.5 3.5" />;
export const AddToMenuIcon = () => <Icon d="M2 3.500h12M2 8h6M2 12.500h4M11.5 8v6M8.5 11h6" />;
export const HideIcon = () => (
  <Icon d="M1.5 8s2.5-4 6.5-4 6.5 4 6.5 4-2.5 4-6.5 4-6.5-4-6.5-4zM2.5 14l11-12" />
);
export const ShowIcon = () => (
  <Icon d="M1.5 8s2.5-4 6.5-4 6.5 4 6.5 4-2.5 4-6.5 4-6.5-4-6.5-4z">
    <circle cx="8" cy="8" r="1.8" fill="currentColor" />
  </Icon>
);
export const CopyIcon = () => <Icon d="M5.5 5.500h8v8h-8zM10.5 5.500v-3h-8v8h3" />;
export const AsideIcon = () => <Icon d="M2 3h12v3.500H2zM3.5 6.500V13h9V6.500M6.5 9.500h3" />;
export const RestoreIcon = () => <Icon d="M3 8.500a5 5 0 1 0 1.5-4.200M4 1.500v3.300h3.3" />;
export const LooseIcon = () => (
  <Icon d="M6.5 9.500l3-3M5 7L3.5 8.500a2.8 2.8 0 0 0 4 4L9 11M11 9l1.5-1.500a2.8 2.8 0 0 0-4-4L7 5" />
);
export const RemoveIcon = () => (
  <Icon d="M3 4.500h10M6 4.500V2.500h4v2M4.5 4.500l.6 9h5.800l.6-9M6.8 7v4M9.2 7v4" />
);
export const MoreIcon = () => (
  <svg className="icon" viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
    <path d="M2 7h2.500v2H2zM6.8 7h2.500v2H6.800zM11.5 7H14v2h-2.500z" fill="currentColor" />
  </svg>
);
export const UndoIcon = () => <Icon d="M6 2.500L2.5 6 6 9.500M3 6h6.500a4 4 0 0 1 0 8H6" />;
export const RedoIcon = () => <Icon d="M10 2.500L13.5 6 10 9.500M13 6H6.500a4 4 0 0 0 0 8H10" />;
export const OpenIcon = () => <Icon d="M3.5 6L8 10.5 12.5 6" />;
export const WholeIcon = () => <Icon d="M9.5 2H14v4.500M14 2L9 7M6.5 14H2V9.500M2 14l5-5" />;
