import type { EditorView } from "@codemirror/view";
import { Button, Tooltip } from "antd";
import { useEffect, useEffectEvent, useRef, useState } from "react";
import type { ChangeDto } from "../api/client";
import { Problem } from "../shared/Problem";
import type { Result, WorkingCopy } from "../working-copy/store";
import { pageOf } from "../working-copy/tree";
import { COMMANDS, editorIn, keyNamed, shows } from "./editor";
import { pagesChanged } from "./pageLinks";
import { type Kept, TextKeeper } from "./TextKeeper";

/** The text of a page, with the buttons that help to write it; saved as it is typed. */
export default function TextEditor(props: {
  readonly copy: WorkingCopy;
  readonly page: string;
  /** The text as it was when writing began. */
  readonly kept: Kept;
  readonly readOnly: boolean;
  readonly onChange: (change: ChangeDto) => Promise<Result>;
}) {
  const { copy, page, kept, readOnly, onChange } = props;
  const parent = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView>(null);
  const keeper = useRef<TextKeeper>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [words, setWords] = useState(() => countOf(kept.text));
  const { title, text: hash } = pageOf(copy.tree, page);
  const tree = useRef(copy.tree);
  useEffect(() => {
    tree.current = copy.tree;
    view.current?.dispatch({ effects: pagesChanged.of(null) });
  }, [copy.tree]);

  const begin = useEffectEvent((element: HTMLElement) => {
    const keeping = new TextKeeper(page, kept, onChange, {
      show: (text) => {
        if (view.current) shows(view.current, text);
        setWords(countOf(text));
      },
      say: setSaid,
    });
    keeper.current = keeping;
    const editor = editorIn(element, {
      text: kept.text,
      label: `Text of ${title}`,
      readOnly,
      tree: () => tree.current,
      onType: (text) => {
        keeping.typed(text);
        setWords(countOf(text));
      },
      onTooLong: setSaid,
      onLeave: () => void keeping.save(),
    });
    view.current = editor;
    editor.focus();
    return () => {
      void keeping.save();
      editor.destroy();
      view.current = null;
    };
  });
  useEffect(() => (parent.current ? begin(parent.current) : undefined), []);

  useEffect(() => {
    void keeper.current?.seen(hash);
  }, [hash]);

  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => {
      if (!keeper.current?.isDirty()) return;
      void keeper.current.save();
      event.preventDefault(); // the browser asks whether to leave all the same
    };
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, []);

  return (
    <>
      {!readOnly && (
        <fieldset className="text-commands" aria-label="Help with writing">
          {COMMANDS.map(({ label, hint, key, run }) => (
            <Tooltip key={label} title={key ? `${hint} (${keyNamed(key)})` : hint}>
              <Button
                type="text"
                size="small"
                // The cursor stays where it is.
                onMouseDown={(event) => event.preventDefault()}
                onClick={() => view.current && run(view.current)}
              >
                {label}
              </Button>
            </Tooltip>
          ))}
        </fieldset>
      )}
      <Problem sentence={said} />
      <div className="text" ref={parent} />
      <p className="hint text-count">{words}</p>
    </>
  );
}

function countOf(text: string): string {
  const count = text.match(/[\p{L}\p{N}][\p{L}\p{N}'’-]*/gu)?.length ?? 0;
  return count === 1 ? "1 word" : `${count} words`;
}
