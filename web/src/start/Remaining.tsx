import { Button } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api, type RemainingDto } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { usePreference } from "../people/preferences";
import { Answered, useAnswer } from "../shared/answer";
import { counted } from "../shared/counted";
import type { WorkingCopy } from "../working-copy/store";
import "./start.css";

/** What remains until a new site is ready: it ticks itself, and goes away once all is done. */
export function Remaining({ copy }: { readonly copy: WorkingCopy }) {
  const mayEdit = useMayEdit();
  const [away, setAway] = usePreference<boolean>("remaining-away", false);
  const [over, setOver] = useState(false);
  const wanted = mayEdit && !away && !over;
  const answer = useAnswer(["remaining"], `${copy.revision} ${copy.release}`, () => api.remaining(), {
    enabled: wanted,
    rest: 300,
  });
  if (!wanted || answer.status === "asking") return null;
  if (answer.status === "failed") {
    return (
      <section className="remaining">
        <Answered answer={answer} what="what remains to be done">
          {() => null}
        </Answered>
      </section>
    );
  }
  const steps = answer.value;
  const done = steps.filter((step) => step.done).length;
  if (done === steps.length) {
    setOver(true);
    return null;
  }
  return (
    <section className="remaining" aria-labelledby="remaining">
      <div className="remaining-head">
        <h3 id="remaining">Until visitors come</h3>
        <span className="hint">
          {done} of {steps.length} done
        </span>
        <span className="spring" />
        <Button size="small" onClick={() => setAway(() => true)}>
          Do without this list
        </Button>
      </div>
      <ul>
        {steps.map((step) => (
          <li key={step.kind} data-done={step.done || undefined}>
            <span role="img" aria-label={step.done ? "Done:" : "To do:"}>
              {step.done ? "✓" : "○"}
            </span>{" "}
            <Step step={step} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function Step({ step }: { readonly step: RemainingDto }) {
  switch (step.kind) {
    case "TEXTS":
      return step.page === null ? (
        "Texts of your own"
      ) : (
        <>
          <Link to={`/pages/${step.page}/write`}>Write the texts</Link>{" "}
          <span className="hint">
            {counted(step.count, "# page still says what to write", "# pages still say what to write")}
          </span>
        </>
      );
    case "CONTACT":
      return step.done ? "How you are reached" : <Link to="/business">Say how you are reached</Link>;
    case "ADDRESS":
      return step.done ? "The site’s web address" : <Link to="/business">Say the site’s web address</Link>;
    case "PUBLISH":
      return step.done ? "Published" : "Publish, by the button at the top";
  }
}
