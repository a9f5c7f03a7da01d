import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { ChangeDto, MenusDto, PlaceDto } from "../api/client";
import type { Move } from "../outline/moves";
import { targetOf } from "../outline/targets.test-help";
import { treeOf } from "../working-copy/tree";
import { moveOf } from "./deeds";
import { judge } from "./dropping";
import { nodeOf, outlineOf } from "./outline";
import { page } from "./samples.test-help";

type Case = {
  readonly menus: MenusDto;
  readonly pages: readonly {
    readonly id: string;
    readonly parent: string | null;
    readonly after: string | null;
  }[];
  readonly rows: readonly {
    readonly row: string;
    readonly page: string | null;
    readonly moves: Readonly<Partial<Record<Move, PlaceDto | null>>>;
  }[];
};

/** Made by the server's tests, which hold them to the core. */
const cases: readonly Case[] = JSON.parse(readFileSync("cases/moves.json", "utf8"));

/** Where a change takes a row: an item's place without the rows of a list it stands among, or a page's. */
function placeIn(change: ChangeDto | null | undefined): PlaceDto | null {
  if (change?.kind === "moveItems") return { parent: change.place.parent, after: change.place.after };
  if (change?.kind === "movePages") return change.place;
  return null;
}

describe("moves of items, and of pages by the rows of lists, are what the core says", () => {
  it.each(cases.map((each, index) => [index, each] as const))("on site %i", (_index, each) => {
    const outline = outlineOf(each.menus);
    const tree = treeOf(
      each.pages.map(({ id, parent, after }) => page(id, parent, after)),
      "home",
    );
    for (const { row, page: listed, moves } of each.rows) {
      const node = nodeOf(outline, row);
      for (const [move, expected] of Object.entries(moves) as [Move, PlaceDto | null][]) {
        expect(placeIn(moveOf(outline, tree, [node], move)), `${row} ${move} by key`).toEqual(expected);
        // Among the rows of a list the owner's own items stand between the pages, so a pointer has more places.
        if (listed !== null || expected === null) continue;
        const target = targetOf(outline, (id) => nodeOf(outline, id).parent, row, move);
        const load = { from: "rows", ids: [row], level: 1, name: "" } as const;
        const verdict = judge(outline, tree, load, target);
        expect(
          placeIn(verdict.kind === "allowed" ? verdict.changes[0] : null),
          `${row} ${move} by pointer`,
        ).toEqual(expected);
      }
    }
  });
});
