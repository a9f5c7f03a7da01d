import type { FindingDto } from "../api/client";
import { type Answer, Answered } from "../shared/answer";
import { counted } from "../shared/counted";
import { Group } from "../shared/Group";

const LEVELS: Readonly<Record<FindingDto["level"], string>> = {
  PROBLEM: "Problem",
  WARNING: "Warning",
  HINT: "Hint",
};

type Props = { readonly findings: Answer<readonly FindingDto[]> };

/** How much there is to say about a page, beside its name, where nothing below it is moved by it. */
export function FindingsCount({ findings }: Props) {
  switch (findings.status) {
    case "asking":
      return <span className="hint">Checking…</span>;
    case "failed":
      return <span className="hint">Not checked</span>;
    case "known":
      return findings.value.length === 0 ? (
        <span className="hint">No findings</span>
      ) : (
        <span className="count-of-findings">{counted(findings.value.length, "# finding", "# findings")}</span>
      );
  }
}

/** What there is to say about a page. */
export function Findings({ findings }: Props) {
  return (
    <Group name="page-findings" heading="Findings">
      <Answered answer={findings} what="what there is to say about it">
        {(all) =>
          all.length === 0 ? (
            <p className="hint">Nothing to mend here.</p>
          ) : (
            <ul className="findings">
              {all.map(({ level, sentence }) => (
                <li key={sentence}>
                  <b className={level === "PROBLEM" ? "broken" : ""}>{LEVELS[level]}</b> {sentence}
                </li>
              ))}
            </ul>
          )
        }
      </Answered>
    </Group>
  );
}
