import { Input } from "antd";
import { type ReactNode, useState } from "react";

/**
 * A field that is kept when it is left or Enter is pressed; Escape gives up. What is being typed stays when the value
 * becomes another meanwhile, and both are shown.
 */
export function KeptField(props: {
  readonly id: string;
  readonly value: string;
  readonly type?: "date";
  readonly placeholder?: string;
  readonly hint?: string;
  /** What stands before it and is not typed. */
  readonly before?: ReactNode;
  /** Whether what was typed was taken. */
  readonly onKeep: (typed: string) => Promise<boolean>;
}) {
  /** What is typed, and the value it was typed over; null while nothing is. */
  const [draft, setDraft] = useState<{ readonly typed: string; readonly over: string } | null>(null);
  const typed = draft?.typed ?? props.value;
  const keep = async () => {
    if (draft === null) return;
    if (typed === props.value || (await props.onKeep(typed))) setDraft(null);
  };
  return (
    <span className="kept-field">
      <Input
        id={props.id}
        type={props.type ?? "text"}
        value={typed}
        placeholder={props.placeholder}
        title={props.hint}
        prefix={props.before}
        onChange={(event) => setDraft({ typed: event.target.value, over: draft?.over ?? props.value })}
        onBlur={() => void keep()}
        onKeyDown={(event) => {
          if (event.key === "Enter") void keep();
          if (event.key === "Escape") setDraft(null);
        }}
      />
      {draft !== null && draft.over !== props.value && typed !== props.value && (
        <span className="hint" role="alert">
          It became “{props.value}” meanwhile. Enter keeps what you typed, Escape what is there.
        </span>
      )}
    </span>
  );
}
