import { Button, Segmented } from "antd";
import { useId, useMemo, useState } from "react";
import { api, type ChangeDto, type RowPlace } from "../api/client";
import { press } from "../outline/drag";
import { namesOf } from "../outline/drop";
import { rowsOf } from "../outline/rows";
import { ifKnown, useAnswer } from "../shared/answer";
import { counted } from "../shared/counted";
import { FindField } from "../shared/FindField";
import { ReachMark } from "../shared/marks";
import { Problem } from "../shared/Problem";
import { plain } from "../shared/plain";
import type { Result } from "../working-copy/store";
import { addressOf, levelOf, type PageTree, pageOf } from "../working-copy/tree";
import { EVERY_PAGE, type PickFilter, PickFilters, picked } from "./PickFilters";
import { placing } from "./placing";

type Nesting = "nested" | "flat";

/** Many pages of the tree, chosen at once and put into a menu in their order, nested as in the tree or flat. */
export function TreePick(props: {
  readonly tree: PageTree;
  readonly revision: number;
  /** Where they will stand, and how that is called. */
  readonly place: RowPlace;
  readonly where: string;
  /** Pages that the menu shows already; choosing one again is possible, and never by accident. */
  readonly placed: ReadonlySet<string>;
  readonly onPlace: (change: ChangeDto) => Promise<Result>;
  readonly onLeave: () => void;
}) {
  const { tree } = props;
  const [typed, setTyped] = useState("");
  const [at, setAt] = useState(0);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [nesting, setNesting] = useState<Nesting>("nested");
  const [problem, setProblem] = useState<string | null>(null);
  const list = useId();
  const all = useMemo(() => rowsOf(tree, new Set()).map((row) => row.id), [tree]);
  const placings = useAnswer(["placings"], props.revision, api.placings);
  const [only, setOnly] = useState<PickFilter>(EVERY_PAGE);
  const shown = picked(tree, all, only, ifKnown(placings)).filter((page) =>
    plain(pageOf(tree, page).title).includes(plain(typed)),
  );
  const here = shown[Math.min(at, shown.length - 1)];

  const toggle = (page: string | undefined) => {
    if (page === undefined) return;
    const next = new Set(chosen);
    if (!next.delete(page)) next.add(page);
    setChosen(next);
  };
  const put = async () => {
    if (chosen.size === 0) return;
    const pages = all.filter((page) => chosen.has(page));
    const result = await props.onPlace(placing(tree, pages, nesting === "nested", props.place));
    if (!result.ok) setProblem(result.sentence);
  };
  const count = counted(chosen.size, "# page", "# pages");
  return (
    <section className="card" aria-label="Pages to add">
      <h2>Pages {props.where}</h2>
      <FindField
        list={list}
        active={here ? `${list}-${here}` : undefined}
        label="Find pages to add"
        typed={typed}
        onType={(text) => {
          setTyped(text);
          setAt(0);
        }}
        onMove={(by) => setAt(Math.max(0, Math.min(at + by, shown.length - 1)))}
        onEnter={(withCtrl) => {
          if (withCtrl) void put();
          else toggle(here);
        }}
        onLeave={props.onLeave}
      />
      <PickFilters tree={tree} only={only} placings={placings} onOnly={setOnly} />
      <div className="targets" role="listbox" id={list} aria-label="Pages" aria-multiselectable="true">
        {shown.map((page) => (
          // biome-ignore lint/a11y/useKeyWithClickEvents: chosen by Enter in the field above
          <div
            key={page}
            id={`${list}-${page}`}
            role="option"
            tabIndex={-1}
            aria-selected={chosen.has(page)}
            className={page === here ? "here" : ""}
            style={{ paddingInlineStart: 10 + (levelOf(tree, page) - 1) * 18 }}
            ref={page === here ? (element) => element?.scrollIntoView({ block: "nearest" }) : null}
            onPointerDown={(event) =>
              press(event, () => {
                const ids = chosen.has(page) ? all.filter((each) => chosen.has(each)) : [page];
                const name = namesOf(ids.map((each) => pageOf(tree, each).title));
                return { from: "pages", ids, level: 1, nested: nesting === "nested", name };
              })
            }
            onClick={() => toggle(page)}
          >
            <ReachMark page={pageOf(tree, page)} /> {pageOf(tree, page).title}{" "}
            <span>
              {addressOf(tree, page)}
              {props.placed.has(page) && " · already in this menu"}
            </span>
          </div>
        ))}
        {shown.length === 0 && <p>No page has that in its title.</p>}
      </div>
      <Problem sentence={problem} />
      <div className="choices">
        <Segmented<Nesting>
          aria-label="How they are nested"
          value={nesting}
          onChange={setNesting}
          options={[
            { value: "nested", label: "Nested as in the tree" },
            { value: "flat", label: "Flat" },
          ]}
        />
        <Button type="primary" disabled={chosen.size === 0} onClick={() => void put()}>
          Add {count}
        </Button>
        <Button type="text" onClick={props.onLeave}>
          Cancel
        </Button>
      </div>
      <p className="hint">Enter selects, Ctrl+Enter adds, Escape cancels. Or drag them into the menu.</p>
    </section>
  );
}
