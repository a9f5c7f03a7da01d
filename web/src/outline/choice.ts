/** Which rows of an outline are chosen. */
export type Choice = {
  /** The row that keys act from; it need not be chosen itself. */
  readonly at: string | null;
  /** Where a range began. */
  readonly from: string | null;
  readonly rows: ReadonlySet<string>;
};

export function only(id: string | null): Choice {
  return { at: id, from: id, rows: new Set(id === null ? [] : [id]) };
}

/** The rows from where the range began to this one, in the order they are seen in. */
export function upTo(choice: Choice, order: readonly string[], id: string): Choice {
  const from = choice.from === null ? -1 : order.indexOf(choice.from);
  if (from < 0) return only(id);
  const to = order.indexOf(id);
  return {
    at: id,
    from: choice.from,
    rows: new Set(order.slice(Math.min(from, to), Math.max(from, to) + 1)),
  };
}

/** One row more, or one fewer. */
export function ticked(choice: Choice, id: string): Choice {
  const rows = new Set(choice.rows);
  if (!rows.delete(id)) rows.add(id);
  return { at: id, from: id, rows };
}

/** Goes to a row without choosing it. */
export function goingTo(choice: Choice, id: string): Choice {
  return { ...choice, at: id };
}

/** The choice as far as its rows are still there, under the ids they have now; another row where none is. */
export function present(
  choice: Choice,
  now: (id: string) => string | undefined,
  otherwise: string | null,
): Choice {
  const rows = [...choice.rows].flatMap((id) => now(id) ?? []);
  const at = (choice.at === null ? undefined : now(choice.at)) ?? rows[0];
  if (at === undefined) return only(otherwise);
  return { at, from: (choice.from === null ? undefined : now(choice.from)) ?? at, rows: new Set(rows) };
}
