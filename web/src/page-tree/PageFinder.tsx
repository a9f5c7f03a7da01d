import { Select } from "antd";
import { EVERYTHING, type Question } from "../outline/asking";
import { FindLine } from "../outline/FindLine";
import { NothingFound } from "../outline/NothingFound";
import type { Page } from "../working-copy/tree";
import { askedOf, type Choice, withAsked } from "./questions";
import type { Looking } from "./useLooking";

/** Finds pages by their title, by what they have in common, by their reach and by their topic. */
export function PageFinder({
  looking,
  onLeave,
}: {
  readonly looking: Looking;
  readonly onLeave: () => void;
}) {
  const { asking, setAsking } = looking;
  const choice = (name: string, of: Choice, questions: readonly Question<Page>[]) => {
    const asked = askedOf(asking.asked, of);
    return (
      (questions.length > 0 || asked !== null) && (
        <Select<string>
          aria-label={`By ${name.toLowerCase()}`}
          className={asked === null ? "choice" : "choice asked"}
          placeholder={name}
          allowClear
          value={asked}
          popupMatchSelectWidth={false}
          onChange={(next) => setAsking({ ...asking, asked: withAsked(asking.asked, of, next ?? null) })}
          options={questions.map((question) => ({
            value: question.key,
            label: question.name,
            title: question.hint,
          }))}
        />
      )
    );
  };
  return (
    <>
      <FindLine
        what="page"
        things={looking.pages}
        questions={looking.questions}
        asking={asking}
        onAsking={setAsking}
        onLeave={onLeave}
      >
        {choice("Reach", "reach", looking.reaches)}
        {choice("Topic", "topic", looking.topics)}
      </FindLine>
      {looking.rows.length === 0 && <NothingFound what="page" onShowAll={() => setAsking(EVERYTHING)} />}
    </>
  );
}
