import type { ChangeDto, MenuDto, MenuRowDto } from "../api/client";
import { setRows } from "../menus/deeds";
import { newId } from "../shared/ids";

/** How a page stands in a menu, which may be more than once. */
export type Standing = {
  /** The first row there. */
  readonly row: MenuRowDto;
  readonly places: number;
};

/** A cell of the sheet: a page in a menu. */
export type Spot = { readonly page: string; readonly menu: string };

export type Cells = ReadonlyMap<string, ReadonlyMap<string, Standing>>;

/** By menu, then by page; pages that a menu does not hold are missing. */
export function cellsOf(menus: readonly MenuDto[]): Cells {
  return new Map(
    menus.map((menu) => {
      const standings = new Map<string, Standing>();
      for (const row of menu.rows) {
        if (row.page === null) continue;
        const known = standings.get(row.page);
        standings.set(row.page, known ? { ...known, places: known.places + 1 } : { row, places: 1 });
      }
      return [menu.id, standings];
    }),
  );
}

/** What a cell says beside its mark: what is not ordinary about the page there. */
export function wordsOf({ row, places }: Standing): string {
  if (places > 1) return `in ${places} places`;
  if (row.ownLabel !== "") return row.ownLabel;
  if (row.foreign) return "by another menu";
  return row.kind.kind === "LISTED" ? "by the list" : "";
}

/** A range of cells: where it began and the cell that keys go from, by row and column from 0. */
export type Range = {
  readonly from: readonly [row: number, column: number];
  readonly at: readonly [row: number, column: number];
};

export function isIn({ from, at }: Range, row: number, column: number): boolean {
  const between = (one: number, a: number, b: number) => one >= Math.min(a, b) && one <= Math.max(a, b);
  return between(row, from[0], at[0]) && between(column, from[1], at[1]);
}

const STEPS: Readonly<Record<string, readonly [rows: number, columns: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  PageUp: [-15, 0],
  PageDown: [15, 0],
  Home: [0, Number.NEGATIVE_INFINITY],
  End: [0, Number.POSITIVE_INFINITY],
};

/** Where a key leads; with Shift the range grows. Null for any other key. */
export function afterKey(
  range: Range,
  key: string,
  shift: boolean,
  rows: number,
  columns: number,
): Range | null {
  const step = STEPS[key];
  if (!step) return null;
  const within = (one: number, count: number) => Math.max(0, Math.min(one, count - 1));
  const at = [within(range.at[0] + step[0], rows), within(range.at[1] + step[1], columns)] as const;
  return { from: shift ? range.from : at, at };
}

/** The one change that places a page in the cells that are empty, or takes it out of all where none is. */
export function toggled(cells: Cells, spots: readonly Spot[]): ChangeDto | null {
  if (spots.length === 0) return null;
  const empty = spots.filter((spot) => !cells.get(spot.menu)?.has(spot.page));
  return empty.length > 0 ? placed(empty) : { kind: "takePagesOut", removal: newId(), pages: [...spots] };
}

/** The change that gives a page its label in a menu; where it does not stand there yet, it is placed with it. */
export function labelled(cells: Cells, spot: Spot, label: string): ChangeDto {
  const standing = cells.get(spot.menu)?.get(spot.page);
  if (!standing) return placed([spot], label);
  const { item, kind } = standing.row;
  return setRows([{ item, page: kind.kind === "LISTED" ? spot.page : null }], { label });
}

export function placed(spots: readonly Spot[], label = ""): ChangeDto {
  return { kind: "placePages", pages: spots.map((spot) => ({ ...spot, item: newId(), label })) };
}
