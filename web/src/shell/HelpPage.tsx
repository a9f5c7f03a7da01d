import { Button } from "antd";
import { useNavigate } from "react-router";
import { type HelpTopic, pointAt } from "./help";

/** The answer to one thing that owners ask, and a way to the control. */
export function HelpPage(props: {
  readonly topic: HelpTopic;
  readonly onBack: () => void;
  readonly onClose: () => void;
}) {
  const { topic } = props;
  const navigate = useNavigate();
  return (
    <section className="help-page" aria-labelledby="help-question">
      <h2 id="help-question">{topic.question}</h2>
      {topic.answer.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      <div className="choices">
        <Button
          type="primary"
          autoFocus
          onClick={() => {
            props.onClose();
            void navigate(topic.screen);
            pointAt(topic.control);
          }}
        >
          Show me
        </Button>
        <Button onClick={props.onBack}>All questions</Button>
        <Button type="text" onClick={props.onClose}>
          Close
        </Button>
      </div>
    </section>
  );
}
