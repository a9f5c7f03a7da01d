import { describe, expect, it } from "vitest";
import type { AssignmentDto, ScopeDto, ZonesDto } from "../api/client";
import {
  added,
  altered,
  around,
  beside,
  instead,
  moved,
  removed,
  replaced,
  saysOf,
  without,
  withPart,
} from "./says";
import { EVERYWHERE, sectionScope } from "./scopes";

const [one, two, three] = added(added(added([], "one"), "two"), "three") as [never, never, never];
const names = (placed: readonly { readonly menu: string }[] | null) => placed?.map((each) => each.menu);

describe("what a zone says", () => {
  it.each([
    ["one", -1, ["one", "two", "three"]],
    ["one", 1, ["two", "one", "three"]],
    ["three", -1, ["one", "three", "two"]],
    ["three", 1, ["one", "two", "three"]],
    ["gone", 1, ["one", "two", "three"]],
  ])("moves %s by %d", (menu, by, order) => {
    expect(names(moved([one, two, three], menu, by))).toEqual(order);
  });

  it("holds a menu once, and alters it alone", () => {
    expect(names(added([one, two], "one"))).toEqual(["two", "one"]);
    expect(names(without([one, two], "one"))).toEqual(["two"]);
    expect(altered([one, two], "two", { size: "LARGE" })).toEqual([
      one,
      { ...(two as object), size: "LARGE" },
    ]);
  });

  it("changes one list and keeps the others", () => {
    const says = around([one], [two]);
    expect(withPart(says, "after", (after) => added(after, "three"))).toEqual(around([one], [two, three]));
    expect(withPart(says, "before", () => [])).toEqual(around([], [two]));
    expect(withPart(null, "menus", (menus) => added(menus, "one"))).toEqual(instead([one]));
  });

  it("has a menu beside what it says of its own, or after what is there anyway", () => {
    expect(beside(instead([one]), "two", false)).toEqual(instead([one, two]));
    expect(beside(null, "two", true)).toEqual(instead([two]));
    expect(beside(null, "two", false)).toEqual(around([], [two]));
    expect(beside(around([one], []), "two", false)).toEqual(around([one], [two]));
  });

  it("loses a menu, and itself where nothing is left of an exception", () => {
    expect(removed(instead([one, two]), "one", false)).toEqual(instead([two]));
    expect(removed(instead([one]), "one", false)).toBeNull();
    expect(removed(instead([one]), "one", true)).toEqual(instead([]));
    expect(removed(around([one], [two]), "two", false)).toEqual(around([one], []));
    expect(removed(around([one], []), "one", false)).toBeNull();
    expect(removed(null, "one", false)).toBeNull();
  });

  it("has another menu in the place of one, standing as that did", () => {
    const [large] = altered([one], "one", { size: "LARGE" });
    expect(replaced([large as never, two], "one", "three")).toEqual([{ ...large, menu: "three" }, two]);
  });

  it("is found by zone and scope", () => {
    const section: ScopeDto = sectionScope("hire");
    const cell: AssignmentDto = { zone: "HEADER", scope: section, says: instead([one]) };
    const table: ZonesDto = {
      revision: 1,
      rows: [{ scope: section, name: "Hire and what is under it", cells: [cell] }],
      page: [],
      usual: [],
    };
    expect(saysOf(table, "HEADER", section)).toEqual(instead([one]));
    expect(saysOf(table, "FOOTER", section)).toBeNull();
    expect(saysOf(table, "HEADER", EVERYWHERE)).toBeNull();
  });
});
