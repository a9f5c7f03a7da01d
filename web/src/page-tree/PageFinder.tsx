import { Select } from "antd";
import { FindLine } from "../outline/FindLine";
import { EVERYTHING } from "../outline/finding";
import { NothingFound } from "../outline/NothingFound";
import { askedTopic, withTopic } from "./questions";
import type { Finding } from "./useFinding";

/** Finds pages by their title, by what they have in common, and by their topic. */
export function PageFinder({
  finding,
  onLeave,
}: {
  readonly finding: Finding;
  readonly onLeave: () => void;
}) {
  const { asking, setAsking, topics } = finding;
  const topic = askedTopic(asking.asked);
  return (
    <>
      <FindLine
        what="page"
        things={finding.pages}
        questions={finding.questions}
        asking={asking}
        onAsking={setAsking}
        onLeave={onLeave}
      >
        {(topics.length > 0 || topic !== null) && (
          <Select<string>
            aria-label="Topic"
            className={topic === null ? "topic" : "topic asked"}
            placeholder="Topic"
            allowClear
            value={topic}
            popupMatchSelectWidth={false}
            onChange={(next) => setAsking({ ...asking, asked: withTopic(asking.asked, next ?? null) })}
            options={topics.map(({ name }) => ({ value: name, label: name }))}
          />
        )}
      </FindLine>
      {finding.rows.length === 0 && <NothingFound what="page" onShowAll={() => setAsking(EVERYTHING)} />}
    </>
  );
}
