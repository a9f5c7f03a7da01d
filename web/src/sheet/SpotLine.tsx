import { Button, Select } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../api/client";
import { menusAddress } from "../menus/address";
import { kindOfPage } from "../menus/deeds";
import { endUnder, isOwnItem, type MenuOutline, type Node, nodeOf, placeAt } from "../menus/outline";
import { useAnswer } from "../shared/answer";
import { newId } from "../shared/ids";
import { Problem } from "../shared/Problem";
import { OpenPage } from "../working-copy/OpenPage";
import { Remedies } from "../working-copy/remedies";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf } from "../working-copy/tree";
import { type Cells, placed, type Spot } from "./cells";

/** Milliseconds that a cell is rested on before the server is asked where the page would stand. */
const ASK_AFTER = 150;

/** What is so in the chosen cell, and what can be done about it. */
export function SpotLine(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly outline: MenuOutline;
  readonly cells: Cells;
  readonly spots: readonly Spot[];
  readonly at: Spot;
  readonly onToggle: () => void;
  readonly onLabel: () => void;
  /** The page was put somewhere from here. */
  readonly onPlaced: () => void;
}) {
  const { copy, outline, cells, spots, at } = props;
  const menu = nodeOf(outline, at.menu).menu;
  const title = pageOf(copy.tree, at.page).title;
  const standing = cells.get(at.menu)?.get(at.page);
  const key = `${at.page} ${at.menu}`;
  /** The cell that a place is being chosen for. */
  const [choosing, setChoosing] = useState<string | null>(null);
  if (spots.length > 1) {
    const there = spots.filter((spot) => cells.get(spot.menu)?.has(spot.page)).length;
    const missing = spots.length - there;
    return (
      <div className="spot-line">
        <b>{spots.length} cells</b>
        <span>{there === 0 ? "none of them added" : `${there} of them added`}</span>
        <Button size="small" onClick={props.onToggle}>
          {missing > 0 ? `Add ${missing}` : `Remove ${there}`}
        </Button>
      </div>
    );
  }
  if (!standing) {
    return (
      <div className="spot-line">
        <b>
          {title} in {menu.name}
        </b>
        <Foretold copy={copy} store={props.store} spot={at} />
        <Button size="small" type="primary" onClick={props.onToggle}>
          Add it
        </Button>
        {choosing === key ? (
          <ChoosePlace {...props} menu={menu.id} onLeave={() => setChoosing(null)} />
        ) : (
          <Button size="small" onClick={() => setChoosing(key)}>
            Choose where…
          </Button>
        )}
        <Keys />
      </div>
    );
  }
  const row = standing.row;
  const node = [...outline.nodes.values()].find(
    (each) => each.menu.id === at.menu && each.row?.key === row.key,
  );
  const above = node ? pathOf(outline, node) : "";
  return (
    <div className="spot-line">
      <b>
        {title} in {menu.name}
      </b>
      <span>
        {[
          row.kind.kind === "LISTED" ? "by the list" : "added",
          above && `under ${above}`,
          row.ownLabel && `reads “${row.ownLabel}”`,
          standing.places > 1 && `in ${standing.places} places`,
        ]
          .filter(Boolean)
          .join(", ")}
        . {row.absence}
      </span>
      {row.absence !== null && <OpenPage copy={copy} page={at.page} store={props.store} />}
      <Button size="small" onClick={props.onToggle}>
        Remove it
      </Button>
      <Button size="small" onClick={props.onLabel}>
        Rename…
      </Button>
      <Link
        to={menusAddress({
          menu: at.menu,
          item: row.item,
          page: row.kind.kind === "LISTED" ? at.page : null,
        })}
      >
        Show it among the menus
      </Link>
      <Keys />
    </div>
  );
}

function Keys() {
  return (
    <span className="keys-hint">
      Space adds or removes · Enter types a label · Shift with arrows selects many
    </span>
  );
}

/** Labels of the rows above, without lists that splice. */
function pathOf(outline: MenuOutline, node: Node): string {
  const labels: string[] = [];
  for (let at = node.parent; at !== null; ) {
    const above: Node = nodeOf(outline, at);
    if (above.row && !above.row.splices) labels.unshift(above.row.label);
    at = above.parent;
  }
  return labels.join(" › ");
}

/** Where the page would come, in the server's own words; asked once the cell is rested on. */
function Foretold(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly spot: Spot;
}) {
  const { copy, spot } = props;
  const would = useAnswer(
    ["placed", spot.menu, spot.page],
    copy.revision,
    (signal) => api.would(newId(), copy.revision, [placed([spot])], signal),
    { rest: ASK_AFTER },
  );
  return (
    <span>
      not there.{" "}
      {would.status === "known"
        ? (would.value.refused ?? `If added: ${would.value.told.join(" ")}`)
        : would.status === "failed"
          ? would.sentence
          : "Looking up where it would come…"}{" "}
      {would.status === "known" && (
        <Remedies tree={copy.tree} store={props.store} remedies={would.value.remedies} />
      )}
    </span>
  );
}

/** Puts the page under or after a row of the menu that is found by typing. */
function ChoosePlace(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly outline: MenuOutline;
  readonly at: Spot;
  readonly menu: string;
  readonly onPlaced: () => void;
  readonly onLeave: () => void;
}) {
  const { outline, store, at } = props;
  const [problem, setProblem] = useState<string | null>(null);
  const menu = nodeOf(outline, props.menu);
  const items = [...outline.nodes.values()].filter((node) => node.menu.id === props.menu && isOwnItem(node));
  const named = (node: Node) => node.row?.label || "the list";
  const options = [
    { value: "first", label: `First in ${menu.menu.name}` },
    ...items.flatMap((node) => [
      { value: `after ${node.id}`, label: `After ${named(node)}` },
      { value: `under ${node.id}`, label: `Under ${named(node)}` },
    ]),
  ];
  const place = async (value: string) => {
    const [how, ...id] = value.split(" ");
    const node = how === "first" ? menu : nodeOf(outline, id.join(" "));
    const where =
      how === "first"
        ? placeAt(outline, menu, null)
        : how === "under"
          ? endUnder(outline, node)
          : placeAt(outline, nodeOf(outline, node.parent ?? props.menu), node.id);
    const result = await store.change({
      kind: "addItems",
      items: [{ id: newId(), place: where, kind: kindOfPage(at.page), label: "" }],
    });
    if (result.ok) props.onPlaced();
    else setProblem(result.sentence);
  };
  return (
    <>
      <Select
        size="small"
        className="choose-place"
        aria-label="Where to add it"
        placeholder="After or under…"
        showSearch={{ optionFilterProp: "label" }}
        autoFocus
        defaultOpen
        options={options}
        onSelect={(value: string) => void place(value)}
        onBlur={props.onLeave}
      />
      <Problem sentence={problem} />
    </>
  );
}
