import type { Answer } from "../shared/answer";
import { CouldNotLoad } from "./CouldNotLoad";

/** A screen in place of which there is no answer yet, or none to be had. */
export function NotYet(props: { readonly answer: Answer<unknown>; readonly what: string }) {
  const { answer, what } = props;
  return answer.status === "failed" ? (
    <CouldNotLoad what={what} sentence={answer.sentence} onRetry={answer.again} />
  ) : (
    <main className="area waiting-for-it" aria-busy="true">
      <p>One moment…</p>
    </main>
  );
}
