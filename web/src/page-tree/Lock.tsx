import { CommonChoice } from "../shared/Mixed";
import { LockMark } from "../shared/marks";
import type { Page } from "../working-copy/tree";

/** Whether pages refuse to be removed. */
export function Lock(props: { readonly pages: readonly Page[]; readonly onLock: (locked: boolean) => void }) {
  return (
    <CommonChoice<"FREE" | "LOCKED">
      id="lock-label"
      label="Lock"
      values={props.pages.map((page) => (page.locked ? "LOCKED" : "FREE"))}
      options={[
        { value: "FREE", label: "May be removed" },
        { value: "LOCKED", label: "Locked", icon: <LockMark /> },
      ]}
      onChoose={(chosen) => props.onLock(chosen === "LOCKED")}
    />
  );
}
