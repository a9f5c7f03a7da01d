import { Input } from "antd";
import { useState } from "react";

/** A field that is kept when it is left or Enter is pressed; Escape gives up. */
export function KeptField(props: {
  readonly id: string;
  readonly value: string;
  readonly placeholder: string;
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
      value={typed}
      placeholder={props.placeholder}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === "Enter") keep();
        if (event.key === "Escape") setTyped(props.value);
      }}
    />
  );
}
