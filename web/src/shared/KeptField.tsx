import { Input } from "antd";
import { type ReactNode, useState } from "react";

/** A field that is kept when it is left or Enter is pressed; Escape gives up. */
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
  const [typed, setTyped] = useState(props.value);
  const keep = () => {
    if (typed !== props.value) void props.onKeep(typed);
  };
  return (
    <Input
      id={props.id}
      type={props.type ?? "text"}
      value={typed}
      placeholder={props.placeholder}
      title={props.hint}
      prefix={props.before}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === "Enter") keep();
        if (event.key === "Escape") setTyped(props.value);
      }}
    />
  );
}
