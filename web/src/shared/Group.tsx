import type { ReactNode } from "react";
import { usePreference } from "../people/preferences";

/** A part of a card that folds away under its heading; each person finds it as they left it, on every such card. */
export function Group(props: {
  /** Tells it from other groups, whatever its heading says. */
  readonly name: string;
  readonly heading: ReactNode;
  /** Whether it is folded until somebody opens it: what is seldom asked for gives way to what matters most. */
  readonly folded?: boolean;
  readonly children: ReactNode;
}) {
  const { name, folded = false } = props;
  const [opened, setOpened] = usePreference<Readonly<Record<string, boolean>>>("card-groups", {});
  const open = opened[name] ?? !folded;
  return (
    <details
      className="group"
      open={open}
      onToggle={(event) => {
        const now = event.currentTarget.open;
        if (now !== open) setOpened((before) => ({ ...before, [name]: now }));
      }}
    >
      <summary>
        <h3>{props.heading}</h3>
      </summary>
      {props.children}
    </details>
  );
}
