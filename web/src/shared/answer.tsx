import { type UseQueryResult, useQuery } from "@tanstack/react-query";
import { Button } from "antd";
import { type ReactNode, useEffect, useEffectEvent, useMemo, useState } from "react";
import { sentenceOf } from "./sentenceOf";

/** What is known of something the server works out. */
export type Answer<T> =
  | { readonly status: "asking" }
  | { readonly status: "known"; readonly value: T }
  | { readonly status: "failed"; readonly sentence: string; readonly again: () => void };

/**
 * Asks the server, and again once the site is another. Until the next answer about the same thing is there the last
 * one stays; one about another thing never does. What nobody waits for any more is abandoned.
 *
 * @param about tells what is asked from all else that is
 * @param at tells the state of the site it is asked about
 * @param rest milliseconds that both have to stay as they are before the server is asked
 * @param atOnce whether that does not go for the first time
 */
export function useAnswer<T>(
  about: readonly string[],
  at: number | string,
  ask: (signal: AbortSignal) => Promise<T>,
  options: { readonly enabled?: boolean; readonly rest?: number; readonly atOnce?: boolean } = {},
): Answer<T> {
  const { enabled = true, rest = 0, atOnce = rest === 0 } = options;
  const subject = about.join(" ");
  const now = useMemo(() => ({ subject, at }), [subject, at]);
  const rested = useRested(now, rest, atOnce);
  const settled = rested?.subject === subject;
  const query = useQuery({
    queryKey: [subject, settled ? rested.at : at],
    queryFn: ({ signal }) => ask(signal),
    enabled: enabled && settled,
    staleTime: Number.POSITIVE_INFINITY, // about the same state of the site it stays the same, whoever asks
    placeholderData: (last, lastQuery) => (lastQuery?.queryKey[0] === subject ? last : undefined),
  });
  return answerOf(query);
}

/** What a query knows so far. */
export function answerOf<T>(query: UseQueryResult<T>): Answer<T> {
  if (query.isError) {
    return { status: "failed", sentence: sentenceOf(query.error), again: () => void query.refetch() };
  }
  return query.data === undefined ? { status: "asking" } : { status: "known", value: query.data };
}

/** Milliseconds until what a screen is made of is asked for again. */
const AGAIN = 2_000;

/** An answer that a whole screen is made of: once known it stays, and is asked for again until a newer one comes. */
export function useLasting<T>(answer: Answer<T>): Answer<T> {
  const [last, setLast] = useState<Answer<T>>(answer);
  if (answer.status === "known" && (last.status !== "known" || last.value !== answer.value)) setLast(answer);
  const outdated = answer.status === "failed" && last.status === "known";
  const again = useEffectEvent(() => answer.status === "failed" && answer.again());
  useEffect(() => {
    if (!outdated) return;
    const waiting = setTimeout(again, AGAIN);
    return () => clearTimeout(waiting);
  }, [outdated]);
  return answer.status !== "known" && last.status === "known" ? last : answer;
}

/** A value once it has not changed for so long; null before it ever has rested. */
function useRested<T>(value: T, milliseconds: number, atOnce: boolean): T | null {
  const [rested, setRested] = useState(atOnce ? value : null);
  useEffect(() => {
    if (milliseconds === 0) return;
    const waiting = setTimeout(() => setRested(value), milliseconds);
    return () => clearTimeout(waiting);
  }, [value, milliseconds]);
  return milliseconds === 0 ? value : rested;
}

/** The value, as soon as it is known. */
export function ifKnown<T>(answer: Answer<T>): T | undefined {
  return answer.status === "known" ? answer.value : undefined;
}

/** The answer to a question that follows from the answer to another. */
export function derived<T, U>(answer: Answer<T>, derive: (value: T) => U): Answer<U> {
  return answer.status === "known" ? { status: "known", value: derive(answer.value) } : answer;
}

/** What follows from an answer. Until it is there this says so; when none comes, it offers to try again. */
export function Answered<T>(props: {
  readonly answer: Answer<T>;
  /** What is looked up, as in "Looking up *where it is shown*…". */
  readonly what: string;
  readonly children: (value: T) => ReactNode;
}) {
  const { answer, what } = props;
  switch (answer.status) {
    case "asking":
      return <p className="hint">Looking up {what}…</p>;
    case "failed":
      return (
        <p className="problem" role="alert">
          Could not look up {what}. {answer.sentence}{" "}
          <Button size="small" onClick={answer.again}>
            Try again
          </Button>
        </p>
      );
    case "known":
      return props.children(answer.value);
  }
}
