import { readdirSync, readFileSync } from "node:fs";
import { expect, test } from "vitest";

/** The class that each selector of a style sheet begins with. */
function owned(file: string): string[] {
  const css = readFileSync(`src/${file}`, "utf8").replace(/\/\*.*?\*\//gs, "");
  return [...css.matchAll(/([^{};]+)\{/g)]
    .map(([, selector]) => selector?.trim() ?? "")
    .filter((selector) => !selector.startsWith("@"))
    .flatMap((selector) => selector.split(","))
    .flatMap((selector) => selector.match(/\.([\w-]+)/)?.[1] ?? []);
}

test("a class is one style sheet's, so that no screen looks otherwise for the way one came", () => {
  const owners = new Map<string, Set<string>>();
  for (const file of readdirSync("src", { recursive: true, encoding: "utf8" })) {
    if (!file.endsWith(".css")) continue;
    for (const name of owned(file)) owners.set(name, (owners.get(name) ?? new Set()).add(file));
  }
  expect(owners.size).toBeGreaterThan(80);
  const shared = [...owners]
    .filter(([, files]) => files.size > 1)
    .map(([name, files]) => `${name}: ${[...files]}`);
  expect(shared).toEqual([]);
});
