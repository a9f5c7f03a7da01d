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

/** Style sheets that come with a screen, and only with it. */
const APART =
  /^(addresses|bin|business|files|menus|looks|messages|page-tree|people|releases|sheet|topics|zones|exchange)\//;

test("a screen's own style sheet dresses that screen alone, since another may be opened without it", () => {
  const files = readdirSync("src", { recursive: true, encoding: "utf8" });
  const folder = (file: string) => file.slice(0, file.lastIndexOf("/"));
  const strangers: string[] = [];
  for (const sheet of files.filter((file) => file.endsWith(".css") && APART.test(file))) {
    const names = new Set(owned(sheet));
    for (const file of files.filter((each) => each.endsWith(".tsx") && folder(each) !== folder(sheet))) {
      const used = readFileSync(`src/${file}`, "utf8").matchAll(/className=(?:"([^"]+)"|\{([^}]+)\})/g);
      for (const [, plain, computed] of used)
        for (const [name] of (plain ?? computed ?? "").matchAll(/[a-z][\w-]*/g))
          if (names.has(name)) strangers.push(`${name} of ${sheet} in ${file}`);
    }
  }
  expect(strangers).toEqual([]);
});
