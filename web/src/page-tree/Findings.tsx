import { useQuery } from "@tanstack/react-query";
import { api, type FindingDto } from "../api/client";
import { Group } from "../shared/Group";
import { useLater } from "../shared/useLater";

const LEVELS: Readonly<Record<FindingDto["level"], string>> = {
  PROBLEM: "Problem",
  WARNING: "Warning",
  HINT: "Hint",
};

/** What there is to say about all pages, once a run of edits has come to rest; undefined before the first answer. */
export function useFindings(revision: number): readonly FindingDto[] | undefined {
  const rested = useLater(revision, 300);
  return useQuery({
    queryKey: ["findings", rested],
    queryFn: api.findings,
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
              <b className={level.toLowerCase()}>{LEVELS[level]}</b> {sentence}
            </li>
          ))}
        </ul>
      </Group>
    )
  );
}
