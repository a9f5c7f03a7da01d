import { Button, Input } from "antd";
import type { ReactNode } from "react";
import { written } from "../shared/counted";
import { Later } from "../shared/Later";
import { type Asking, type Question, switched } from "./asking";
import "./outline.css";

/** Finds rows by what is typed and by what they have in common; the questions combine. */
export function FindLine<T>(props: {
  readonly what: "page" | "item";
  readonly things: readonly T[];
  /** Those with a button of their own. */
  readonly questions: readonly Question<T>[];
  readonly asking: Asking;
  readonly onAsking: (asking: Asking) => void;
  /** Goes on to the rows. */
  readonly onLeave: () => void;
  /** Further ways to narrow down. */
  readonly children?: ReactNode;
}) {
  const { what, asking, onAsking } = props;
  return (
    <search className="find-line">
      <Input
        value={asking.text}
        placeholder={what === "page" ? "Find a page…" : "Find an item…"}
        aria-label={what === "page" ? "Find a page" : "Find an item"}
        onChange={(event) => onAsking({ ...asking, text: event.target.value })}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === "Escape") onAsking({ ...asking, text: "" });
          if (event.key === "Escape" || event.key === "Enter" || event.key === "ArrowDown") {
            event.preventDefault();
            props.onLeave();
          }
        }}
      />
      <Later of={[...asking.asked].join()}>
        {props.questions.map((question) => (
          <QuestionButton
            key={question.key}
            question={question}
            things={props.things}
            on={asking.asked.has(question.key)}
            onSwitch={() => onAsking(switched(asking, question.key))}
          />
        ))}
        {props.children}
      </Later>
    </search>
  );
}

function QuestionButton<T>(props: {
  readonly question: Question<T>;
  readonly things: readonly T[];
  readonly on: boolean;
  readonly onSwitch: () => void;
}) {
  const { question, things } = props;
  return (
    <Button
      type={props.on ? "primary" : "default"}
      aria-pressed={props.on}
      title={question.hint}
      onClick={props.onSwitch}
    >
      {question.name} {question.waits ? "…" : written(things.filter(question.holds).length)}
    </Button>
  );
}
