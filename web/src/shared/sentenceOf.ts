import { Refused, Unreachable } from "../api/client";

/** Something the editor itself can tell the person, in a sentence. */
export class Objection extends Error {}

/** What went wrong, for the person. Anything unforeseen is a mistake of the editor's own, which its words do not help. */
export function sentenceOf(problem: unknown): string {
  if (problem instanceof Refused || problem instanceof Unreachable || problem instanceof Objection) {
    return problem.message;
  }
  console.error(problem);
  return "Something went wrong on this screen. Nothing is lost; load the page again.";
}
