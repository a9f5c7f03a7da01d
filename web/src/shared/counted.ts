const NUMBERS = new Intl.NumberFormat("en-GB");
const RULES = new Intl.PluralRules("en-GB");

/** A number as people read it: "5,000". */
export function written(count: number): string {
  return NUMBERS.format(count);
}

/** Words for one or for several, "#" being the number: "1 page", "5,000 pages". */
export function counted(count: number, one: string, other: string): string {
  return (RULES.select(count) === "one" ? one : other).replace("#", written(count));
}
