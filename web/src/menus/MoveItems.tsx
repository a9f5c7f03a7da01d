import { namesOf } from "../outline/drop";
import { MoveTo } from "../outline/MoveTo";
import { Objection } from "../shared/sentenceOf";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { destinationsFor, targetFor } from "./destinations";
import { judge } from "./dropping";
import { titleOf } from "./ItemCell";
import type { MenuOutline, Node } from "./outline";
import { useGestures } from "./useGestures";

/** Where chosen rows of menus shall go, found by typing; what may be is judged as for a pointer. */
export function MoveItems(props: {
  readonly store: WorkingCopyStore;
  readonly outline: MenuOutline;
  readonly copy: WorkingCopy;
  readonly outlineAt: (revision: number) => Promise<MenuOutline>;
  readonly moving: readonly Node[];
  readonly onDone: () => void;
}) {
  const { moving } = props;
  const gesture = useGestures(props.store, props.outlineAt);
  return (
    <MoveTo
      what="item"
      title={namesOf(moving.map((node) => titleOf(node) || "the list"))}
      several={moving.length > 1}
      destinations={destinationsFor(props.outline, moving)}
      revision={props.copy.revision}
      changes={(to, how) => {
        const load = { from: "rows", ids: moving.map((node) => node.id), level: 1, name: "" } as const;
        const verdict = judge(props.outline, props.copy.tree, load, targetFor(props.outline, to ?? "", how));
        return verdict.kind === "allowed" ? verdict.changes : [];
      }}
      onMove={async (to, how) => {
        const result = await gesture(moving, (now, there, tree) => {
          const load = { from: "rows", ids: there.map((node) => node.id), level: 1, name: "" } as const;
          const verdict = judge(now, tree, load, targetFor(now, to ?? "", how));
          if (verdict.kind === "refused") throw new Objection(verdict.words);
          return verdict.changes;
        });
        if (result?.ok) props.onDone();
        return result ?? { ok: false, sentence: "That row is not there any more." };
      }}
      onLeave={props.onDone}
    />
  );
}
