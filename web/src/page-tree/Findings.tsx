import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, type FindingDto } from "../api/client";
import { Group } from "../shared/Group";
import { useLater } from "../shared/useLater";

const LEVELS: Readonly<Record<FindingDto["level"], string>> = {
  PROBLEM: "Problem",
  WARNING: "Warning",
  HINT: "Hint",
};

/** Milliseconds that the pages themselves have for themselves first: findings are made of all that is known of them. */
const FIRST = 1_500;

/** What there is to say about all pages, once a run of edits has come to rest; undefined before the first answer. */
export function useFindings(revision: number): readonly FindingDto[] | undefined {
  const rested = useLater(revision, 300);
  const [begun, setBegun] = useState(false);
  useEffect(() => {
    const waiting = setTimeout(() => setBegun(true), FIRST);
    return () => clearTimeout(waiting);
  }, []);
  return useQuery({
    queryKey: ["findings", rested],
    queryFn: api.findings,
    enabled: begun,
    staleTime: Number.POSITIVE_INFINITY, // of one revision they stay the same, whoever asks
    placeholderData: (previous) => previous,
  }).data;
}

/** What there is to say about a page; nothing where all is well. */
export function Findings({ page, revision }: { readonly page: string; readonly revision: number }) {
  const findings = useFindings(revision)?.filter((finding) => finding.page === page) ?? [];
  return (
    findings.length > 0 && (
      <Group name="page-findings" heading="Findings">
        <ul className="findings">
          {findings.map(({ level, sentence }) => (
            <li key={sentence}>
              <b className={level === "PROBLEM" ? "broken" : ""}>{LEVELS[level]}</b> {sentence}
            </li>
          ))}
        </ul>
      </Group>
    )
  );
}
