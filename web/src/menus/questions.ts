import type { Question } from "../outline/asking";
import type { Node } from "./outline";

/** What rows of menus may have in common. */
export const QUESTIONS: readonly Question<Node>[] = [
  {
    key: "unseen",
    name: "Unseen",
    hint: "Items that show to nobody; each says why",
    holds: (node) => node.row !== null && node.row.absence !== null,
  },
  {
    key: "own-label",
    name: "Own label",
    hint: "Items that do not follow the title of their page",
    holds: (node) => node.row !== null && node.row.ownLabel !== "" && node.row.followed !== "",
  },
  {
    key: "for-some",
    name: "For some",
    hint: "Items that only some visitors see: members or everyone else, on phones or on wide screens",
    holds: ({ row }) =>
      row !== null && (row.devices.length === 1 || (row.absence === null && row.shownTo.length === 1)),
  },
];

/** What an item reads, and the title it would follow. */
export function wordsOf(node: Node): string {
  return node.row ? `${node.row.label} ${node.row.followed}` : node.menu.name;
}
