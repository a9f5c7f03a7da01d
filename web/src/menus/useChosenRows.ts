import { useState } from "react";
import { type Choice, only, present } from "../outline/choice";
import { type MenuOutline, type Node, nodeOf, sameRow } from "./outline";

/** Which rows of the menus are chosen, as far as they are still there, under the ids they have now. */
export function useChosenRows(outline: MenuOutline) {
  const [last, setLast] = useState(only(null));
  /** The chosen rows as they were when chosen, to find them again under another id. */
  const [known, setKnown] = useState<ReadonlyMap<string, Node>>(new Map());
  const now = (id: string) => {
    const node = known.get(id);
    return outline.nodes.has(id) ? id : node && sameRow(outline, node)?.id;
  };
  const choice = present(last, now, outline.children.get(null)?.[0] ?? null);
  return {
    choice,
    selected: choice.at === null ? null : nodeOf(outline, choice.at),
    several: [...choice.rows].map((id) => nodeOf(outline, id)),
    choose: (next: Choice) => {
      setLast(next);
      setKnown(
        new Map(
          [...next.rows].flatMap((id): [string, Node][] => {
            const node = outline.nodes.get(id);
            return node ? [[id, node]] : [];
          }),
        ),
      );
    },
  };
}
