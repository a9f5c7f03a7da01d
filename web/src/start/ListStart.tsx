import { Button, Input } from "antd";
import { useState } from "react";
import { api } from "../api/client";
import { Lines } from "../outline/usePasting";
import { Answered, useAnswer } from "../shared/answer";
import { counted } from "../shared/counted";
import { newId } from "../shared/ids";
import { Problem } from "../shared/Problem";
import type { Result, WorkingCopyStore } from "../working-copy/store";

const EXAMPLE = `Home
What we do
  For families
  For firms
About us
Contact`;

/** Milliseconds that typing has to rest before it is read. */
const REST = 250;

/** Begins with a list of titles that is typed or pasted. */
export function ListStart({ store }: { readonly store: WorkingCopyStore }) {
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const preview = useAnswer(
    ["outline preview", text],
    0,
    () => api.previewOutline(newId(), store.current().copy.revision, text, null),
    { rest: REST, enabled: text.trim() !== "" },
  );
  const take = async (result: Promise<Result>) => {
    const taken = await result;
    setProblem(taken.ok ? null : taken.sentence);
  };
  const top = { parent: null, after: null };
  return (
    <>
      <p>
        Paste a list of titles, one a line; indent a line to put it under the one above. The first becomes the
        home page. A line may end in (held back) or in an address of its own, like /camp.
      </p>
      <label htmlFor="outline-text">List of pages</label>
      <Input.TextArea
        id="outline-text"
        rows={10}
        value={text}
        placeholder={EXAMPLE}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Tab" && text !== "" && !event.shiftKey) {
            event.preventDefault();
            const field = event.currentTarget;
            field.setRangeText("  ", field.selectionStart, field.selectionEnd, "end");
            setText(field.value);
          }
        }}
      />
      <Problem sentence={problem} />
      {text.trim() !== "" && (
        <Answered answer={preview} what="what the list would make">
          {({ pages, lines, refused }) => (
            <div className="pasted">
              <p>
                <b>The list would make</b> {counted(pages, "# page", "# pages")}
              </p>
              <Lines
                lines={lines.map(({ level, title, marks }) => ({ level, reads: title, leads: marks }))}
                more={pages - lines.length}
              />
              {refused.map((why) => (
                <p key={why} className="problem">
                  {why}
                </p>
              ))}
            </div>
          )}
        </Answered>
      )}
      <div className="choices">
        <Button
          type="primary"
          disabled={text.trim() === ""}
          onClick={() => void take(store.paste(text, top))}
        >
          Make these pages
        </Button>
        <Button
          onClick={() =>
            void take(
              store.change({
                kind: "addPages",
                pages: [{ id: newId(), place: top, title: "Home", reach: null }],
              }),
            )
          }
        >
          Start with one page, Home
        </Button>
      </div>
    </>
  );
}
