import { Input, type InputRef } from "antd";
import { useEffect, useRef, useState } from "react";
import { api, type ChangeDto, type PlaceDto, type Reach } from "../api/client";
import { usePasting } from "../outline/usePasting";
import { counted } from "../shared/counted";
import { newId } from "../shared/ids";
import { intoSight } from "../shared/intoSight";
import { Says } from "../shared/Says";
import type { Result, WorkingCopy } from "../working-copy/store";
import { endOf, parentOf } from "../working-copy/tree";
import { NewPages } from "./NewPages";

/** What invites to add a page at the end of the tree, while no add line is open. */
export function AddTeaser({ onOpen }: { readonly onOpen: () => void }) {
  return (
    <button type="button" className="add-teaser" onClick={onOpen}>
      <span aria-hidden="true">+</span> Type a title, or paste a list
    </button>
  );
}

/**
 * A new page being typed where it will stand. Enter keeps it and goes on with the next; Tab nests, Shift+Tab goes out;
 * a list of several lines becomes as many pages once it was told which; Escape leaves.
 */
export function AddLine(props: {
  readonly copy: WorkingCopy;
  readonly place: PlaceDto;
  readonly onPlace: (place: PlaceDto) => void;
  /** @param reach null for how new pages begin */
  readonly onAdd: (title: string, place: PlaceDto, reach: Reach | null) => Promise<Result>;
  readonly onPaste: (text: string, place: PlaceDto) => Promise<Result>;
  /** Says how new pages begin. */
  readonly onBegin: (change: ChangeDto) => void;
  readonly onLeave: () => void;
}) {
  const { copy, place } = props;
  const { tree } = copy;
  const [title, setTitle] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const field = useRef<InputRef>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the field keeps the focus when it comes to stand elsewhere
  useEffect(() => field.current?.focus(), [place]);

  /** The field is free at once; what was refused comes back into it, unless something else is typed by then. */
  const take = async (result: Promise<Result>) => {
    const sent = title;
    setTitle("");
    const taken = await result;
    setProblem(taken.ok ? null : taken.sentence);
    if (!taken.ok) setTitle((now) => (now === "" ? sent : now));
  };
  const pasting = usePasting(
    async (text) => {
      const { pages, lines, refused } = await api.previewOutline(newId(), copy.revision, text, place);
      return {
        words: `${counted(pages, "# page", "# pages")}.`,
        lines: lines.map(({ level, title, marks }) => ({ level, reads: title, leads: marks })),
        more: pages - lines.length,
        refused,
      };
    },
    (text) => props.onPaste(text, place),
  );
  const other: Reach = copy.settings.newPages.reach === "OPEN" ? "HELD_BACK" : "OPEN";
  const nest = () => {
    if (place.after !== null) props.onPlace(endOf(tree, place.after));
  };
  const goOut = () => {
    if (place.parent !== null) props.onPlace({ parent: parentOf(tree, place.parent), after: place.parent });
  };
  return (
    <>
      <Says sentence={problem ?? pasting.problem} above>
        <Input
          ref={field}
          size="small"
          value={title}
          placeholder="Type a title, or paste a list"
          aria-label="Title of the new page"
          aria-invalid={problem !== null}
          onChange={(event) => {
            setTitle(event.target.value);
            setProblem(null);
          }}
          onBlur={(event) => {
            const within = event.relatedTarget?.closest(".new-pages, .ant-select-dropdown");
            if (title.trim() === "" && !pasting.waits && !within) props.onLeave();
          }}
          onPaste={pasting.onPaste}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === "Enter") {
              event.preventDefault();
              if (pasting.waits) void pasting.confirm();
              else if (title.trim() !== "")
                void take(props.onAdd(title, place, event.ctrlKey ? other : null));
            } else if (event.key === "Escape") {
              pasting.waits ? pasting.discard() : props.onLeave();
            } else if (event.key === "Tab" && title !== "") {
              event.preventDefault();
              if (event.shiftKey) goOut();
              else nest();
            }
          }}
        />
      </Says>
      {pasting.note || (
        <div ref={intoSight} className="new-pages">
          <NewPages copy={copy} onChange={props.onBegin} onDone={() => field.current?.focus()} />
          <span className="hint">
            Ctrl+Enter adds one {other === "OPEN" ? "that is open" : "that is held back"}
          </span>
        </div>
      )}
    </>
  );
}
