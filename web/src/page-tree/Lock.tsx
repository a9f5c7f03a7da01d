import type { ChangeDto } from "../api/client";
import { CommonChoice } from "../shared/Mixed";
import { LockMark } from "../shared/marks";
import { isBuiltIn, type Page } from "../working-copy/tree";

/** Whether pages refuse to be removed; nothing about built-in ones, which always do. */
export function Lock(props: {
  readonly pages: readonly Page[];
  readonly onChange: (change: ChangeDto) => void;
}) {
  const pages = props.pages.filter((page) => !isBuiltIn(page));
  return (
    pages.length > 0 && (
      <CommonChoice<"FREE" | "LOCKED">
        id="lock-label"
        label="Lock"
        values={pages.map((page) => (page.locked ? "LOCKED" : "FREE"))}
        options={[
          { value: "FREE", label: "May be removed" },
          { value: "LOCKED", label: "Locked", icon: <LockMark /> },
        ]}
        onChoose={(chosen) =>
          props.onChange({
            kind: "setLock",
            pages: pages.map((page) => page.id),
            locked: chosen === "LOCKED",
          })
        }
      />
    )
  );
}
