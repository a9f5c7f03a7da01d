import { useEffect, useState } from "react";
import { api, type FindingDto } from "../api/client";
import { type Answer, useAnswer } from "../shared/answer";

/** Milliseconds that the pages themselves have for themselves first: findings are made of all that is known of them. */
const FIRST = 1_500;

/** What there is to say about all pages, once a run of edits has come to rest. */
export function useFindings(revision: number): Answer<readonly FindingDto[]> {
  const [begun, setBegun] = useState(false);
  useEffect(() => {
    const waiting = setTimeout(() => setBegun(true), FIRST);
    return () => clearTimeout(waiting);
  }, []);
  return useAnswer(["findings"], revision, api.findings, {
    enabled: begun,
    rest: 300,
    atOnce: true,
  });
}
