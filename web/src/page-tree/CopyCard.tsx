import { Button, Checkbox, Input } from "antd";
import { useState } from "react";
import { api } from "../api/client";
import { counted } from "../shared/counted";
import { newId } from "../shared/ids";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { childrenOf, pageOf } from "../working-copy/tree";

/** How many titles are counted on at once. */
const AT_ONCE = 6;

/** Copies a page, once for each title that is typed, pasted or counted on. */
export function CopyCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly page: string;
  /** The id of the first copy. */
  readonly onMade: (first: string) => void;
  readonly onLeave: () => void;
}) {
  const { copy, store, page } = props;
  const { title } = pageOf(copy.tree, page);
  const hasSubpages = childrenOf(copy.tree, page).length > 0;
  const [text, setText] = useState(title);
  const [subpages, setSubpages] = useState(hasSubpages);
  const [content, setContent] = useState(true);
  const [items, setItems] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const titles = text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
  const countOn = async () => {
    const last = titles.at(-1) ?? title;
    try {
      const { titles: next } = await api.series(last, AT_ONCE);
      // The original has its own title; what counts on from it begins with the next.
      setText([...(titles.length === 1 && titles[0] === title ? [] : titles), ...next].join("\n"));
    } catch (failed) {
      setProblem(sentenceOf(failed));
    }
  };
  const make = async () => {
    const ids = newId();
    const result: Result = await store.change({
      kind: "copyPages",
      page,
      titles,
      subpages,
      content,
      items,
      ids,
    });
    setProblem(result.ok ? null : result.sentence);
    if (result.ok) props.onMade(`${ids}-0`);
  };
  return (
    <section className="card" aria-label={`Copy ${title}`}>
      <h2>Copy {title}</h2>
      <p className="hint">Each copy is held back until you open it, and comes right after {title}.</p>
      <label htmlFor="copy-titles">Titles, one on each line</label>
      <Input.TextArea
        id="copy-titles"
        value={text}
        autoFocus
        rows={Math.min(12, Math.max(2, text.split("\n").length))}
        onChange={(event) => {
          setText(event.target.value);
          setProblem(null);
        }}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === "Escape") props.onLeave();
          if (event.key === "Enter" && event.ctrlKey) void make();
        }}
      />
      <div className="choices">
        <Button onClick={() => void countOn()} title="Goes on with the next numbers, days or months">
          Count on {AT_ONCE} more
        </Button>
        {hasSubpages && (
          <Checkbox checked={subpages} onChange={(event) => setSubpages(event.target.checked)}>
            With its subpages
          </Checkbox>
        )}
        <Checkbox checked={content} onChange={(event) => setContent(event.target.checked)}>
          With its text
        </Checkbox>
        <Checkbox checked={items} onChange={(event) => setItems(event.target.checked)}>
          In the menus that show it too
        </Checkbox>
      </div>
      <Problem sentence={problem} />
      <div className="choices">
        <Button type="primary" disabled={titles.length === 0} onClick={() => void make()}>
          {counted(titles.length, "Make # copy", "Make # copies")}
        </Button>
        <Button type="text" onClick={props.onLeave}>
          Cancel
        </Button>
      </div>
    </section>
  );
}
