import { Input, type InputRef } from "antd";
import { useEffect, useRef, useState } from "react";
import { api, type PlaceDto } from "../api/client";
import { usePasting } from "../outline/usePasting";
import { counted } from "../shared/counted";
import { newId } from "../shared/ids";
import { Says } from "../shared/Says";
import type { Result } from "../working-copy/store";
import { endOf, type PageTree, parentOf } from "../working-copy/tree";

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
  readonly tree: PageTree;
  readonly place: PlaceDto;
  readonly revision: number;
  readonly onPlace: (place: PlaceDto) => void;
  readonly onAdd: (title: string, place: PlaceDto) => Promise<Result>;
  readonly onPaste: (text: string, place: PlaceDto) => Promise<Result>;
  readonly onLeave: () => void;
}) {
  const { tree, place } = props;
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
      const { pages, lines, refused } = await api.previewOutline(newId(), props.revision, text, place);
      return {
        words: `${counted(pages, "# page", "# pages")}.`,
        lines: lines.map(({ level, title, marks }) => ({ level, reads: title, leads: marks })),
        more: pages - lines.length,
        refused,
      };
    },
    (text) => props.onPaste(text, place),
  );
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
          onBlur={() => {
            if (title.trim() === "" && !pasting.waits) props.onLeave();
          }}
          onPaste={pasting.onPaste}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === "Enter") {
              event.preventDefault();
              if (pasting.waits) void pasting.confirm();
              else if (title.trim() !== "") void take(props.onAdd(title, place));
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
      {pasting.note}
    </>
  );
}
