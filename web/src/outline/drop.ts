import type { ChangeDto } from "../api/client";
import type { Row } from "./rows";

/** Where rows would go that are being dragged over an outline. */
export type Target =
  /** Between two rows, on a line at a level. */
  | {
      readonly kind: "between";
      readonly parent: string | null;
      readonly after: string | null;
      readonly level: number;
      /** The row under the line, counted from 0; as many as there are rows for the end. */
      readonly index: number;
    }
  /** At the end of what is under a row, shown as a box around it. */
  | { readonly kind: "into"; readonly parent: string; readonly index: number };

/** The part of a row's height, from its middle, where a drop nests; the rest of it is for lines. */
const NESTING = 0.5;

/**
 * What a pointer over the rows means.
 *
 * @param y in heights of a row, from the top of the first
 * @param level that the pointer asks for by standing further left or right; the nearest that is possible is taken
 */
export function targetAt(rows: readonly Row[], y: number, level: number): Target {
  const over = Math.floor(y);
  const row = rows[over];
  const within = y - over;
  if (row && Math.abs(within - 0.5) < NESTING / 2) return { kind: "into", parent: row.id, index: over };
  const index = Math.max(0, Math.min(within < 0.5 ? over : over + 1, rows.length));
  const above = rows[index - 1];
  const below = rows[index];
  if (!above) return { kind: "between", parent: null, after: null, level: 1, index: 0 };
  const deepest = above.level + (above.folded ? 0 : 1);
  const at = Math.min(deepest, Math.max(below?.level ?? 1, level));
  if (at > above.level) return { kind: "between", parent: above.id, after: null, level: at, index };
  const after = rowAbove(rows, index, at);
  return {
    kind: "between",
    parent: rowAbove(rows, rows.indexOf(after), at - 1)?.id ?? null,
    after: after.id,
    level: at,
    index,
  };
}

/** The nearest row before an index that stands at a level. */
function rowAbove(rows: readonly Row[], index: number, level: number): Row {
  return rows.slice(0, index).findLast((row) => row.level === level) as Row;
}

/** What letting go there would do. */
export type Verdict =
  | { readonly kind: "allowed"; readonly words: string; readonly changes: readonly ChangeDto[] }
  | { readonly kind: "refused"; readonly words: string };

/** "Under Hire, at its end", "Under Hire, after Kayaks", "At the top level, first" */
export function placeWords(target: Target, nameOf: (id: string) => string): string {
  const where = target.parent === null ? "At the top level" : `Under ${nameOf(target.parent)}`;
  if (target.kind === "into") return `${where}, at its end`;
  return `${where}, ${target.after === null ? "first" : `after ${nameOf(target.after)}`}`;
}

/** "Canoes", "Canoes, Kayaks", "Canoes, Kayaks and 3 more" */
export function namesOf(names: readonly string[]): string {
  return names.length > 3 ? `${names.slice(0, 2).join(", ")} and ${names.length - 2} more` : names.join(", ");
}
