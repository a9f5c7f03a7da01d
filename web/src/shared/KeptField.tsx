import { Input } from "antd";
import { type ChangeEvent, type KeyboardEvent, type ReactNode, useRef, useState } from "react";

/**
 * A field that is kept when it is left or Enter is pressed; Escape gives up. What is being typed stays when the value
 * becomes another meanwhile, and both are shown.
 */
export function KeptField(props: {
  readonly id: string;
  readonly value: string;
  readonly type?: "date" | "time";
  /** Lines to write on; one, where Enter keeps it, when left out. */
  readonly rows?: number;
  readonly label?: string;
  readonly placeholder?: string;
  readonly hint?: string;
  /** What stands before it and is not typed. */
  readonly before?: ReactNode;
  /** Told what stands in it while somebody types. */
  readonly onType?: (typed: string) => void;
  /** Whether what was typed was taken. */
  readonly onKeep: (typed: string) => Promise<boolean>;
}) {
  /** What is typed, and the value it was typed over; null while nothing is. */
  const [draft, setDraft] = useState<{ readonly typed: string; readonly over: string } | null>(null);
  const typed = draft?.typed ?? props.value;
  /** What is on its way, so that leaving the field does not send it once more. */
  const sent = useRef<string | null>(null);
  const keep = async () => {
    if (draft === null || sent.current === typed) return;
    sent.current = typed;
    const taken = typed === props.value || (await props.onKeep(typed));
    sent.current = null;
    // What was typed since is not on the server yet.
    if (taken) setDraft((now) => (now?.typed === typed ? null : now));
  };
  const field = {
    id: props.id,
    "aria-label": props.label,
    value: typed,
    placeholder: props.placeholder,
    title: props.hint,
    onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => {
      setDraft({ typed: event.target.value, over: draft?.over ?? props.value });
      props.onType?.(event.target.value);
    },
    onBlur: () => void keep(),
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key === "Enter" && !props.rows) void keep();
      if (event.key === "Escape") {
        setDraft(null);
        props.onType?.(props.value);
      }
    },
  };
  return (
    <span className="kept-field">
      {props.rows ? (
        <Input.TextArea rows={props.rows} {...field} />
      ) : (
        <Input type={props.type ?? "text"} prefix={props.before} {...field} />
      )}
      {draft !== null && draft.over !== props.value && typed !== props.value && (
        <span className="hint" role="alert">
          Meanwhile it was changed to “{props.value}”. Enter saves what you typed, Escape cancels.
        </span>
      )}
    </span>
  );
}
