import type { ImportLine } from "../api/client";

export type Verdict = ImportLine["verdict"];
export type Part = ImportLine["part"];

export const VERDICTS: Readonly<Record<Verdict, string>> = {
  ADD: "Add",
  CHANGE: "Change",
  SKIP: "Nothing to do",
  PASSED_OVER: "Passed over",
  LEFT_OUT: "Not imported",
  REFUSE: "Cannot be imported",
};

export const PARTS: Readonly<Record<Part, string>> = {
  PAGES: "Pages",
  ITEMS: "Menus",
  ZONES: "Zones",
  FORWARDS: "Forwards",
  ASIDE: "Passed over",
};

/** Whether somebody can say yes or no to it. */
export function isTickable({ verdict }: ImportLine): boolean {
  return verdict === "ADD" || verdict === "CHANGE" || verdict === "LEFT_OUT";
}

/** Keys of a row and of all that is beneath it. */
export function branchOf(lines: readonly ImportLine[], key: string): readonly string[] {
  const from = lines.findIndex((line) => line.key === key);
  const root = lines[from];
  if (root === undefined) return [];
  const keys = [key];
  for (const line of lines.slice(from + 1)) {
    if (line.part !== root.part || line.level <= root.level) break;
    if (isTickable(line)) keys.push(line.key);
  }
  return keys;
}

/** What is left out once a row is ticked, or not any more; what is beneath it goes along. */
export function ticked(
  lines: readonly ImportLine[],
  without: ReadonlySet<string>,
  key: string,
  tick: boolean,
): ReadonlySet<string> {
  const next = new Set(without);
  for (const each of branchOf(lines, key)) {
    if (tick) next.delete(each);
    else next.add(each);
  }
  return next;
}

/** How many come to what. */
export function counts(lines: readonly ImportLine[]): Readonly<Record<Verdict, number>> {
  const all = { ADD: 0, CHANGE: 0, SKIP: 0, PASSED_OVER: 0, LEFT_OUT: 0, REFUSE: 0 };
  for (const { verdict } of lines) all[verdict]++;
  return all;
}
