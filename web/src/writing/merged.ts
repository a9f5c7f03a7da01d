import { diff3Merge } from "node-diff3";

/** Words in the part that differs, at most, for comparing word by word; more are compared line by line. */
const WORDS = 4_000;

export type Merged = {
  readonly text: string;
  /** Whether both changed the very same words; then both stand in the text, theirs after mine. */
  readonly both: boolean;
};

/** Two texts that were both made from a third, as one with the changes of both. No word that somebody wrote is lost. */
export function merged(base: string, mine: string, theirs: string): Merged {
  if (mine === base || mine === theirs) return { text: theirs, both: false };
  if (theirs === base) return { text: mine, both: false };
  const [start, end] = alike(base, mine, theirs);
  const parts = [mine, base, theirs].map((text) => text.slice(start, text.length - end));
  const pieces = parts.map((part) => part.split(/(\s+|[^\p{L}\p{N}])/u));
  const compared = pieces.some((words) => words.length > WORDS)
    ? parts.map((part) => part.split(/(?<=\n)/))
    : pieces;
  const [a = [], o = [], b = []] = compared;
  let both = false;
  const text = diff3Merge(a, o, b, { excludeFalseConflicts: true })
    .map((region) => {
      if (region.ok) return region.ok.join("");
      both = true;
      const ours = region.conflict?.a.join("") ?? "";
      const other = region.conflict?.b.join("") ?? "";
      return ours === "" || other === "" || /\s$/.test(ours) ? ours + other : `${ours} ${other}`;
    })
    .join("");
  return { text: base.slice(0, start) + text + base.slice(base.length - end), both };
}

/** How much all three have in common at their beginnings and ends, to the nearest word. */
function alike(base: string, mine: string, theirs: string): readonly [number, number] {
  const shortest = Math.min(base.length, mine.length, theirs.length);
  let start = 0;
  while (start < shortest && base[start] === mine[start] && base[start] === theirs[start]) start++;
  while (start > 0 && !/\s/.test(base[start - 1] ?? "")) start--;
  let end = 0;
  const last = (text: string) => text[text.length - 1 - end];
  while (end < shortest - start && last(base) === last(mine) && last(base) === last(theirs)) end++;
  while (end > 0 && !/\s/.test(base[base.length - end] ?? "")) end--;
  return [start, end];
}
