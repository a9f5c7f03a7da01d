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
    key: "by-device",
    name: "By device",
    hint: "Items that show on phones or on wide screens only",
    holds: (node) => node.row !== null && node.row.devices.length === 1,
  },
  {
    key: "by-visitor",
    name: "By visitor",
    hint: "Items that show to members only, or only to those who are none",
    holds: (node) => node.row !== null && node.row.absence === null && node.row.shownTo.length === 1,
  },
];

/** What an item reads, and the title it would follow. */
export function wordsOf(node: Node): string {
  return node.row ? `${node.row.label} ${node.row.followed}` : node.menu.name;
}
