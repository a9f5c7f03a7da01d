import type { EditorView } from "@codemirror/view";
import { Button, Tooltip } from "antd";
import { type RefObject, useEffect, useEffectEvent, useRef, useState } from "react";
import { api, type ChangeDto, type FileDto } from "../api/client";
import { UploadsOnTheirWay } from "../files/UploadsOnTheirWay";
import { useFiles } from "../files/useFiles";
import { useUploads } from "../files/useUploads";
import { ifKnown } from "../shared/answer";
import { Problem } from "../shared/Problem";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf } from "../working-copy/tree";
import { COMMANDS, type Command, editorIn, keyNamed, putIn, STANDING_COMMANDS, shows } from "./editor";
import { namesChanged } from "./links";
import { PictureBar } from "./PictureBar";
import { type Kept, TextKeeper } from "./TextKeeper";

/** The text of a page, with the buttons that help to write it; saved as it is typed. */
export default function TextEditor(props: {
  readonly copy: WorkingCopy;
  readonly page: string;
  /** The text as it was when writing began. */
  readonly kept: Kept;
  readonly readOnly: boolean;
  readonly store: WorkingCopyStore;
  readonly onChange: (change: ChangeDto) => Promise<Result>;
}) {
  const { copy, page, kept, readOnly, onChange } = props;
  const parent = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView>(null);
  const keeper = useRef<TextKeeper>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [words, setWords] = useState(() => countOf(kept.text));
  const counting = useRef<ReturnType<typeof setTimeout>>(undefined);
  const count = (text: string) => {
    clearTimeout(counting.current);
    counting.current = setTimeout(() => setWords(countOf(text)), PAUSE);
  };
  const { title, text: hash, form } = pageOf(copy.tree, page);
  const tree = useRef(copy.tree);
  const files = ifKnown(useFiles(copy.revision));
  const filesNow = useRef<readonly FileDto[]>([]);
  useEffect(() => {
    tree.current = copy.tree;
    filesNow.current = files ?? filesNow.current;
    view.current?.dispatch({ effects: namesChanged.of(null) });
  }, [copy.tree, files]);
  const uploads = useUploads(props.store);
  /** Whether a picture is being chosen, or which one has just been put in. */
  const [picturing, setPicturing] = useState<"choosing" | { readonly picture: string } | null>(null);
  const put = (file: string, picture: boolean) => {
    if (view.current) putIn(view.current, file, picture);
    setPicturing(picture ? { picture: file } : null);
  };
  const send = async (sent: readonly File[]) => {
    for (const file of sent) {
      const [id] = await uploads.send([file]);
      // What it is the server says; a file called a picture may be none.
      const known = id && (await api.files()).find((each) => each.id === id);
      if (known) put(id, known.picture !== null);
    }
  };

  const begin = useEffectEvent((element: HTMLElement) => {
    const keeping = new TextKeeper(page, kept, onChange, {
      show: (text) => {
        if (view.current) shows(view.current, text);
        count(text);
      },
      say: setSaid,
    });
    keeper.current = keeping;
    const editor = editorIn(element, {
      text: kept.text,
      label: `Text of ${title}`,
      readOnly,
      tree: () => tree.current,
      files: () => filesNow.current,
      places: api.places,
      onFiles: (sent) => void send(sent),
      onType: (text) => {
        keeping.typed(text);
        count(text);
      },
      onTooLong: setSaid,
      onLeave: () => void keeping.save(),
    });
    view.current = editor;
    editor.focus();
    return () => {
      clearTimeout(counting.current);
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
          {COMMANDS.map((command) => (
            <CommandButton key={command.label} command={command} view={view} />
          ))}
          <Tooltip title="A picture: one that is there, or a new one. Dropping or pasting it here does the same">
            <Button
              type="text"
              size="small"
              aria-expanded={picturing === "choosing"}
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => setPicturing(picturing === "choosing" ? null : "choosing")}
            >
              Picture
            </Button>
          </Tooltip>
          {STANDING_COMMANDS.map((command) => (
            <CommandButton
              key={command.label}
              command={command}
              view={view}
              not={
                command.ofForm && form === null ? "Give the page an enquiry form first, on its card" : null
              }
            />
          ))}
        </fieldset>
      )}
      <PictureBar
        files={files}
        state={picturing}
        onPut={(file) => put(file, true)}
        onSend={(sent) => void send(sent)}
        onChange={onChange}
        onLeave={() => {
          setPicturing(null);
          view.current?.focus();
        }}
      />
      <UploadsOnTheirWay uploads={uploads} />
      <Problem sentence={said} />
      <div className="text" ref={parent} />
      <p className="hint text-count">{words}</p>
    </>
  );
}

/** A button that does something to the text where the cursor is. */
function CommandButton(props: {
  readonly command: Command;
  readonly view: RefObject<EditorView | null>;
  /** Why it cannot be done now. */
  readonly not?: string | null;
}) {
  const { label, hint, key, run } = props.command;
  const { view, not } = props;
  return (
    <Tooltip title={not ?? (key ? `${hint} (${keyNamed(key)})` : hint)}>
      <Button
        type="text"
        size="small"
        disabled={Boolean(not)}
        // The cursor stays where it is.
        onMouseDown={(event) => event.preventDefault()}
        onClick={() => view.current && run(view.current)}
      >
        {label}
      </Button>
    </Tooltip>
  );
}

/** Milliseconds without a letter after which words are counted: none has to wait for it. */
const PAUSE = 300;

/** Where links lead and what headings are called by is not read. */
const UNREAD = /\]\([^()\n]*\)|\{#[a-z0-9-]+\}/g;

function countOf(text: string): string {
  const count = text.replaceAll(UNREAD, " ").match(/[\p{L}\p{N}][\p{L}\p{N}'’-]*/gu)?.length ?? 0;
  return count === 1 ? "1 word" : `${count} words`;
}
