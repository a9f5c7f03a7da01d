import type { ReactNode } from "react";
import { usePreference } from "../people/preferences";

/** A part of a card that folds away under its heading; each person finds it as they left it, on every such card. */
export function Group(props: {
  /** Tells it from other groups, whatever its heading says. */
  readonly name: string;
  readonly heading: ReactNode;
  readonly children: ReactNode;
}) {
  const { name } = props;
  const [folded, setFolded] = usePreference<readonly string[]>("card-folded", []);
  const open = !folded.includes(name);
  return (
    <details
      className="group"
      open={open}
      onToggle={(event) => {
        const now = event.currentTarget.open;
        if (now === open) return;
        setFolded((before) => [...before.filter((other) => other !== name), ...(now ? [] : [name])]);
      }}
    >
      <summary>
        <h3>{props.heading}</h3>
      </summary>
      {props.children}
    </details>
  );
}
