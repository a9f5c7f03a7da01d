import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { PageDto, PlaceDto } from "../api/client";
import { type Move, placeAfterMove } from "../outline/moves";
import { rowsOf } from "../outline/rows";
import { targetOf } from "../outline/targets.test-help";
import { placeOf } from "../page-tree/dropping";
import { addressOf, applied, isInside, levelOf, type PageTree, parentOf, treeOf } from "./tree";

type Case = {
  readonly home: string | null;
  readonly rows: readonly {
    readonly id: string;
    readonly slug: string;
    readonly place: PlaceDto;
    readonly address: string;
    readonly level: number;
    readonly inside: readonly string[];
    readonly moves: Moves;
  }[];
  readonly blocks: readonly { readonly pages: readonly string[]; readonly moves: Moves }[];
};

type Moves = Readonly<Record<Move, PlaceDto | null>>;

/** Made by the core's tests, which hold them to the core. */
const cases: readonly Case[] = JSON.parse(readFileSync("cases/derivations.json", "utf8"));

const MOVES = ["up", "down", "in", "out", "first", "last"] as const;

function treeIn(site: Case): PageTree {
  return treeOf(
    site.rows.map(({ id, slug, place }) => page(id, slug, place)),
    site.home,
  );
}

function page(id: string, slug: string, place: PlaceDto): PageDto {
  return {
    id,
    slug,
    ...place,
    kind: "PAGE",
    title: id,
    slugFollows: true,
    reach: "OPEN",
    membersOnly: false,
    keptFromSearchEngines: false,
    layout: "STANDARD",
    summary: "",
    searchTitle: "",
    searchDescription: "",
    topics: [],
    date: null,
    picture: null,
    form: null,
    text: null,
    periods: [],
    whenClosed: "NOT_FOUND",
    locked: false,
    model: false,
    stays: null,
    closed: null,
  };
}

function inReadingOrder(tree: PageTree): string[] {
  return rowsOf(tree, new Set()).map((row) => row.id);
}

describe("what the editor works out by itself is what the core says", () => {
  it.each(cases.map((site, index) => [index, site] as const))("on site %i", (_index, site) => {
    const tree = treeIn(site);
    expect(inReadingOrder(tree)).toEqual(site.rows.map((row) => row.id));
    for (const row of site.rows) {
      expect(addressOf(tree, row.id)).toBe(row.address);
      expect(levelOf(tree, row.id)).toBe(row.level);
      expect(site.rows.filter((other) => isInside(tree, row.id, other.id)).map((other) => other.id)).toEqual(
        row.inside,
      );
      for (const move of MOVES) {
        expect(placeAfterMove(tree, [row.id], move)).toEqual(row.moves[move]);
        if (row.moves[move] === null) continue;
        const target = targetOf(tree, (id) => parentOf(tree, id), row.id, move);
        expect(placeOf(tree, target), `${row.id} ${move} by pointer`).toEqual(row.moves[move]);
      }
    }
    for (const { pages, moves } of site.blocks) {
      for (const move of MOVES) {
        expect(placeAfterMove(tree, pages, move), `${pages} ${move}`).toEqual(moves[move]);
      }
    }
  });
});

describe("a difference", () => {
  const tree = treeOf(
    [
      page("a", "a", { parent: null, after: null }),
      page("b", "b", { parent: null, after: "a" }),
      page("b1", "b1", { parent: "b", after: null }),
      page("c", "c", { parent: null, after: "b" }),
    ],
    "a",
  );

  it("takes out, puts in and replaces, and leaves the tree before it as it was", () => {
    const next = applied(tree, {
      removed: ["c"],
      placed: [
        page("d", "d", { parent: null, after: null }),
        page("b1", "b1", { parent: null, after: "d" }),
        page("e", "e", { parent: "b1", after: null }),
      ],
      altered: [page("a", "other", { parent: null, after: null })],
      home: "a",
    });
    expect(inReadingOrder(next)).toEqual(["d", "b1", "e", "a", "b"]);
    expect(next.pages.get("a")?.slug).toBe("other");
    expect(inReadingOrder(tree)).toEqual(["a", "b", "b1", "c"]);
    expect(tree.pages.get("a")?.slug).toBe("a");
  });

  it("folded rows hide what is under them", () => {
    expect(rowsOf(tree, new Set(["b"])).map((row) => row.id)).toEqual(["a", "b", "c"]);
  });
});
