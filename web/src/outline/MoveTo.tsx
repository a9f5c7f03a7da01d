import { Button } from "antd";
import { useId, useState } from "react";
import { api, type ChangeDto } from "../api/client";
import { useAnswer } from "../shared/answer";
import { FindField } from "../shared/FindField";
import { newId } from "../shared/ids";
import { Problem } from "../shared/Problem";
import { plain } from "../shared/plain";
import { WhatFollows } from "../shared/WhatFollows";
import type { Result } from "../working-copy/store";
import "./outline.css";

/** Milliseconds that a choice has to rest before the server is asked what would follow. */
const REST = 200;

/** As many targets as fit; the rest is found by typing. */
const SHOWN = 60;

/** A row that others can be put under or after; null for the top level. */
export type Destination = {
  readonly id: string | null;
  readonly title: string;
  readonly path: string;
  readonly takes: "both" | "under" | "after";
};

/** Where rows could go: type part of what one reads, choose, and put them under it or after it. */
export function MoveTo(props: {
  readonly what: "page" | "item";
  readonly title: string;
  readonly several: boolean;
  readonly destinations: readonly Destination[];
  /** The edit that it would be, so that what follows is said before; none where it may not be. */
  readonly changes: (to: string | null, how: "under" | "after") => readonly ChangeDto[];
  readonly revision: number;
  readonly onMove: (to: string | null, how: "under" | "after") => Promise<Result>;
  readonly onLeave: () => void;
}) {
  const { what, title, several } = props;
  const [typed, setTyped] = useState("");
  const [chosen, setChosen] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const list = useId();
  const shown = props.destinations
    .filter((each) => plain(`${each.path} ${each.title}`).includes(plain(typed)))
    .slice(0, SHOWN);
  const at = Math.min(chosen, shown.length - 1);
  const there = shown[at];
  const may = (how: "under" | "after") =>
    there !== undefined && (there.takes === "both" || there.takes === how);

  const go = async (how: "under" | "after") => {
    if (!there || !may(how)) return;
    const result = await props.onMove(there.id, how);
    if (!result.ok) setProblem(result.sentence);
  };
  const first = there?.takes === "after" ? "after" : "under";
  const changes = there && may(first) ? props.changes(there.id, first) : [];
  const would = useAnswer(
    ["moving to", title, String(there?.id), first],
    props.revision,
    (signal) => api.would(newId(), props.revision, changes, signal),
    { rest: REST, enabled: changes.length > 0 },
  );
  return (
    <section className="card" aria-label={`Move ${title} to`}>
      <h2>Move {title} to…</h2>
      <FindField
        list={list}
        active={there ? `${list}-${at}` : undefined}
        label={`Find the ${what} to move it to`}
        placeholder={what === "page" ? "Part of a page’s title" : "Part of a label, or of a menu’s name"}
        typed={typed}
        onType={(text) => {
          setTyped(text);
          setChosen(0);
          setProblem(null);
        }}
        onMove={(by) => setChosen(Math.max(0, Math.min(at + by, shown.length - 1)))}
        onEnter={(withCtrl) => void go(withCtrl ? "after" : first)}
        onLeave={props.onLeave}
      />
      <div className="targets" role="listbox" id={list} aria-label={what === "page" ? "Pages" : "Items"}>
        {shown.map((each, index) => (
          // biome-ignore lint/a11y/useKeyWithClickEvents: chosen by the arrow keys in the field above
          <div
            key={each.id ?? "top"}
            id={`${list}-${index}`}
            role="option"
            aria-selected={index === at}
            ref={index === at ? (element) => element?.scrollIntoView({ block: "nearest" }) : null}
            onClick={() => setChosen(index)}
            onDoubleClick={() => void go(first)}
          >
            {each.title} <span>{each.path}</span>
          </div>
        ))}
        {shown.length === 0 && <p>Nothing there reads like that.</p>}
      </div>
      <Problem sentence={problem} />
      {there && changes.length > 0 && (
        <WhatFollows
          choice={first === "under" ? `Under ${there.title}` : `After ${there.title}`}
          answer={would}
        />
      )}
      <div className="choices">
        <Button type="primary" disabled={!may("under")} onClick={() => void go("under")}>
          {there?.id === null ? "To the top level" : `Under ${there?.title ?? "it"}`}
        </Button>
        <Button disabled={!may("after")} onClick={() => void go("after")}>
          After {there?.id ? there.title : "it"}
        </Button>
        <Button type="text" onClick={props.onLeave}>
          Cancel
        </Button>
      </div>
      <p className="hint">Enter puts {several ? "them" : "it"} under, Ctrl+Enter after; Escape cancels.</p>
    </section>
  );
}
