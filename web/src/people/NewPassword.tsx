import { Button, Input } from "antd";
import { useState } from "react";
import { suggestedPassword } from "./suggested";

/** A password to hand over to somebody: to be read, so it is not hidden, and one is suggested. */
export function NewPassword(props: {
  readonly label: string;
  readonly onGive: (password: string) => void;
  readonly onLeave: () => void;
}) {
  const [password, setPassword] = useState(suggestedPassword);
  return (
    <form
      className="asking"
      onSubmit={(event) => {
        event.preventDefault();
        props.onGive(password);
      }}
      onKeyDown={(event) => {
        if (event.key === "Escape") props.onLeave();
      }}
    >
      <Input
        size="small"
        aria-label={props.label}
        value={password}
        autoFocus
        autoComplete="off"
        onChange={(event) => setPassword(event.target.value)}
      />
      <Button size="small" type="primary" htmlType="submit">
        Give it
      </Button>
      <Button size="small" onClick={props.onLeave}>
        Cancel
      </Button>
    </form>
  );
}
