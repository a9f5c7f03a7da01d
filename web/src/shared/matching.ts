import { plain } from "./plain";

/**
 * What is found by typing, the best first: called just so, beginning so, with a word that begins so, or with all the
 * words somewhere in its name; accents and case say nothing.
 *
 * @param most how many are wanted
 */
export function matching<T>(
  all: readonly T[],
  nameOf: (one: T) => string,
  typed: string,
  most: number,
): readonly T[] {
  const wanted = plain(typed.trim());
  const parts = wanted.split(/\s+/);
  const rank = (one: T) => {
    const name = plain(nameOf(one));
    if (name === wanted) return 0;
    if (name.startsWith(wanted)) return 1;
    if (name.includes(` ${wanted}`)) return 2;
    return parts.every((part) => name.includes(part)) ? 3 : null;
  };
  return all
    .flatMap((one) => {
      const how = rank(one);
      return how === null ? [] : [{ one, how }];
    })
    .sort((one, other) => one.how - other.how)
    .slice(0, most)
    .map(({ one }) => one);
}
