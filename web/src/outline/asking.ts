import { plain } from "../shared/plain";

/** What is looked for in an outline; all that is asked for has to hold. */
export type Asking = {
  /** Part of what a row reads, accents and capitals aside; empty for any. */
  readonly text: string;
  /** Keys of questions. */
  readonly asked: ReadonlySet<string>;
};

export const EVERYTHING: Asking = { text: "", asked: new Set() };

/** Something that rows may have in common. */
export type Question<T> = {
  readonly key: string;
  readonly name: string;
  readonly hint: string;
  readonly holds: (thing: T) => boolean;
  /** Whether it is not known yet of which it holds. */
  readonly waits?: boolean;
};

export function isAsking(asking: Asking): boolean {
  return asking.text.trim() !== "" || asking.asked.size > 0;
}

/** With a question asked that was not, or asked no more. */
export function switched(asking: Asking, key: string): Asking {
  const asked = new Set(asking.asked);
  if (!asked.delete(key)) asked.add(key);
  return { ...asking, asked };
}

const plainWords = new WeakMap<object, string>();

/** What a thing reads, without accents and capitals; one that is altered is another value. */
function plainOf<T extends object>(thing: T, reads: (thing: T) => string): string {
  const known = plainWords.get(thing) ?? plain(reads(thing));
  plainWords.set(thing, known);
  return known;
}

/** Those that are looked for, in the order given. A question that is none any more asks nothing. */
export function found<T extends object>(
  things: Iterable<T>,
  reads: (thing: T) => string,
  asking: Asking,
  questions: readonly Question<T>[],
): T[] {
  const text = plain(asking.text.trim());
  const asked = questions.filter((question) => asking.asked.has(question.key));
  return [...things].filter(
    (thing) => plainOf(thing, reads).includes(text) && asked.every((question) => question.holds(thing)),
  );
}
