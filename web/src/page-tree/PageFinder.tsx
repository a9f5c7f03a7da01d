import { Select } from "antd";
import { memo, useEffect, useRef } from "react";
import { EVERYTHING, type Question } from "../outline/asking";
import { FindLine } from "../outline/FindLine";
import { NothingFound } from "../outline/NothingFound";
import type { Page } from "../working-copy/tree";
import { askedOf, type Choice, withAsked } from "./questions";
import type { Looking } from "./useLooking";

const LISTS = [
  { of: "reach", name: "Reach" },
  { of: "topic", name: "Topic" },
] as const;

/** Finds pages by their title, by what they have in common, by their reach and by their topic. */
export function PageFinder({
  looking,
  onLeave,
}: {
  readonly looking: Looking;
  readonly onLeave: () => void;
}) {
  const { asking, setAsking } = looking;
  const latest = useRef(asking);
  useEffect(() => {
    latest.current = asking;
  });
  // Stays the same from letter to letter, so that the lists are not drawn anew by each.
  const ask = useRef((of: Choice, key: string | null) => {
    const { text, asked } = latest.current;
    setAsking({ text, asked: withAsked(asked, of, key) });
  });
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
        {LISTS.map(({ of, name }) => (
          <OneOf
            key={of}
            of={of}
            name={name}
            questions={of === "reach" ? looking.reaches : looking.topics}
            asked={askedOf(asking.asked, of)}
            onAsk={ask.current}
          />
        ))}
      </FindLine>
      {looking.rows.length === 0 && <NothingFound what="page" onShowAll={() => setAsking(EVERYTHING)} />}
    </>
  );
}

/** A list of questions of which at most one is asked. */
const OneOf = memo(function OneOf(props: {
  readonly name: string;
  readonly of: Choice;
  readonly questions: readonly Question<Page>[];
  readonly asked: string | null;
  readonly onAsk: (of: Choice, key: string | null) => void;
}) {
  const { name, of, questions, asked } = props;
  return (
    (questions.length > 0 || asked !== null) && (
      <Select<string>
        aria-label={`By ${name.toLowerCase()}`}
        className={asked === null ? "choice" : "choice asked"}
        placeholder={name}
        allowClear
        value={asked}
        popupMatchSelectWidth={false}
        onChange={(next) => props.onAsk(of, next ?? null)}
        options={questions.map((question) => ({
          value: question.key,
          label: question.name,
          title: question.hint,
        }))}
      />
    )
  );
});
