import type { Row } from "../outline/rows";
import { type Adding, shownAt } from "./adding";

/** A line among the menus that is no row yet. */
export type Line =
  | Adding
  | { readonly kind: "wrapping"; readonly node: string }
  | {
      readonly kind: "naming";
      /** A name that was refused, and why. */
      readonly refused?: { readonly name: string; readonly sentence: string };
    };

/** After the index of which row a line stands, and at which level; null where its row is not seen. */
export function whereIs(
  line: Line,
  rows: readonly Row[],
): { readonly after: number; readonly level: number } | null {
  switch (line.kind) {
    case "adding":
      return { after: shownAt(rows, line.shownAfter), level: line.level };
    case "naming":
      return { after: rows.length - 1, level: 1 };
    case "wrapping": {
      const at = rows.findIndex((row) => row.id === line.node);
      const row = rows[at];
      return row ? { after: at - 1, level: row.level } : null;
    }
  }
}
