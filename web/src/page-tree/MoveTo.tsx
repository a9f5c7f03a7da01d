import { Button } from "antd";
import { useId, useMemo, useState } from "react";
import type { PlaceDto } from "../api/client";
import { FindField } from "../shared/FindField";
import { Problem } from "../shared/Problem";
import { plain } from "../shared/plain";
import type { Result } from "../working-copy/store";
import { endOf, type PageTree, pageOf, parentOf, pathTo } from "../working-copy/tree";

/** As many targets as fit; the rest is found by typing. */
const SHOWN = 60;

type Target = { readonly id: string | null; readonly title: string; readonly path: string };

/** Where pages could go: type part of a title, choose, and put the page under it or after it. */
export function MoveTo(props: {
  readonly tree: PageTree;
  /** In reading order, none beneath another. */
  readonly pages: readonly string[];
  readonly onMove: (place: PlaceDto) => Promise<Result>;
  readonly onLeave: () => void;
}) {
  const { tree, pages } = props;
  const [typed, setTyped] = useState("");
  const [chosen, setChosen] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const list = useId();
  const all = useMemo(() => targetsFor(tree, pages), [tree, pages]);
  const targets = all
    .filter((target) => plain(`${target.path} ${target.title}`).includes(plain(typed)))
    .slice(0, SHOWN);
  const at = Math.min(chosen, targets.length - 1);
  const target = targets[at];
  const title = pages.length === 1 ? pageOf(tree, pages[0] as string).title : `${pages.length} pages`;

  const go = async (how: "under" | "after") => {
    if (!target) return;
    const under = how === "under" || target.id === null;
    const place = under
      ? endOf(tree, target.id)
      : { parent: parentOf(tree, target.id as string), after: target.id };
    const result = await props.onMove(place);
    if (!result.ok) setProblem(result.sentence);
  };
  return (
    <section className="card" aria-label={`Move ${title} to`}>
      <h2>Move {title} to…</h2>
      <FindField
        list={list}
        active={target ? `${list}-${at}` : undefined}
        label="Find the page to move it to"
        typed={typed}
        onType={(text) => {
          setTyped(text);
          setChosen(0);
          setProblem(null);
        }}
        onMove={(by) => setChosen(Math.max(0, Math.min(at + by, targets.length - 1)))}
        onEnter={(withCtrl) => void go(withCtrl ? "after" : "under")}
        onLeave={props.onLeave}
      />
      <div className="targets" role="listbox" id={list} aria-label="Pages">
        {targets.map((each, index) => (
          // biome-ignore lint/a11y/useKeyWithClickEvents: chosen by the arrow keys in the field above
          <div
            key={each.id ?? "top"}
            id={`${list}-${index}`}
            role="option"
            aria-selected={index === at}
            ref={index === at ? (element) => element?.scrollIntoView({ block: "nearest" }) : null}
            onClick={() => setChosen(index)}
            onDoubleClick={() => void go("under")}
          >
            {each.title} <span>{each.path}</span>
          </div>
        ))}
        {targets.length === 0 && <p>No page has that in its title.</p>}
      </div>
      <Problem sentence={problem} />
      <div className="choices">
        <Button type="primary" disabled={!target} onClick={() => void go("under")}>
          {target?.id === null ? "To the top level" : `Under ${target?.title ?? "it"}`}
        </Button>
        <Button disabled={!target || target.id === null} onClick={() => void go("after")}>
          After {target?.id ? target.title : "it"}
        </Button>
        <Button type="text" onClick={props.onLeave}>
          Leave {pages.length === 1 ? "it where it is" : "them where they are"}
        </Button>
      </div>
      <p className="hint">
        Enter puts {pages.length === 1 ? "it" : "them"} under, Ctrl+Enter after; Escape leaves.
      </p>
    </section>
  );
}

function targetsFor(tree: PageTree, pages: readonly string[]): Target[] {
  const targets: Target[] = [{ id: null, title: "Top level", path: "" }];
  const add = (parent: string | null) => {
    for (const id of tree.children.get(parent) ?? []) {
      if (pages.includes(id)) continue; // with all that is under it
      const above = pathTo(tree, id).slice(0, -1);
      targets.push({
        id,
        title: pageOf(tree, id).title,
        path: above.map((step) => pageOf(tree, step).title).join(" › "),
      });
      add(id);
    }
  };
  add(null);
  return targets;
}
