import type { PlacedDto, SaysDto, ScopeDto, Zone, ZonesDto } from "../api/client";
import { scopeKey } from "./scopes";

const PARTS = ["menus", "before", "after"] as const;

/** A list of menus in what a zone says: instead of the wider, or before and after it. */
export type Part = (typeof PARTS)[number];

/** How a menu stands when nothing is said: as the zone has it. */
const AS_THE_ZONE: Omit<PlacedDto, "menu"> = {
  form: null,
  size: null,
  alignment: null,
  width: null,
  gap: null,
  margin: null,
  overflow: null,
  fromLevel: 1,
  levels: null,
  currentBranchOnly: false,
};

/** What stands in a zone for a scope; null where it says nothing of its own. */
export function saysOf(table: ZonesDto, zone: Zone, scope: ScopeDto): SaysDto | null {
  const row = table.rows.find((each) => scopeKey(each.scope) === scopeKey(scope));
  return row?.cells.find((cell) => cell.zone === zone)?.says ?? null;
}

/** Where a menu stands: in which list of which zone, and for which pages. */
export function standings(table: ZonesDto, menu: string) {
  return table.rows.flatMap(({ scope, name, cells }) =>
    cells.flatMap(({ zone, says }) =>
      PARTS.filter((part) => says[part]?.some((each) => each.menu === menu)).map((part) => ({
        zone,
        scope,
        name,
        part,
      })),
    ),
  );
}

/** These menus instead of what the wider says. */
export function instead(menus: readonly PlacedDto[]): SaysDto {
  return { kind: "INSTEAD", menus, before: null, after: null };
}

export function around(before: readonly PlacedDto[], after: readonly PlacedDto[]): SaysDto {
  return { kind: "AROUND", menus: null, before, after };
}

/** What is said, with one of its lists changed. */
export function withPart(
  says: SaysDto | null,
  part: Part,
  edit: (placed: readonly PlacedDto[]) => readonly PlacedDto[],
): SaysDto {
  const list = (of: Part) => (of === part ? edit(says?.[of] ?? []) : (says?.[of] ?? []));
  return part === "menus" ? instead(list("menus")) : around(list("before"), list("after"));
}

/** With a menu where the zone says anything of its own, or else after what is there anyway. */
export function beside(says: SaysDto | null, menu: string, everywhere: boolean): SaysDto {
  const part = everywhere || says?.kind === "INSTEAD" ? "menus" : "after";
  return withPart(says, part, (there) => added(there, menu));
}

/** Without a menu, in whichever list it is; null where nothing is left of an exception. */
export function removed(says: SaysDto | null, menu: string, everywhere: boolean): SaysDto | null {
  if (says === null) return null;
  if (says.kind === "INSTEAD") {
    const left = without(says.menus ?? [], menu);
    return left.length === 0 && !everywhere ? null : instead(left);
  }
  const left = around(without(says.before ?? [], menu), without(says.after ?? [], menu));
  return left.before?.length === 0 && left.after?.length === 0 ? null : left;
}

/** With a menu at the end, as the zone has it. */
export function added(placed: readonly PlacedDto[], menu: string): PlacedDto[] {
  return [...without(placed, menu), { menu, ...AS_THE_ZONE }];
}

/** With another menu in the place of one, standing as that did. */
export function replaced(placed: readonly PlacedDto[], menu: string, by: string): PlacedDto[] {
  return placed.map((each) => (each.menu === menu ? { ...each, menu: by } : each));
}

export function without(placed: readonly PlacedDto[], menu: string): PlacedDto[] {
  return placed.filter((each) => each.menu !== menu);
}

/** With a menu standing another way. */
export function altered(placed: readonly PlacedDto[], menu: string, part: Partial<PlacedDto>): PlacedDto[] {
  return placed.map((each) => (each.menu === menu ? { ...each, ...part } : each));
}

/** With a menu so many places further down; up for a negative number. */
export function moved(placed: readonly PlacedDto[], menu: string, by: number): readonly PlacedDto[] {
  const at = placed.findIndex((each) => each.menu === menu);
  const there = placed[at];
  return there ? without(placed, menu).toSpliced(Math.max(at + by, 0), 0, there) : placed;
}
