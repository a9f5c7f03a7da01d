import type { MenuRowDto } from "../api/client";
import { KindMark, ReachMark } from "../shared/marks";
import { Says } from "../shared/Says";
import type { Page } from "../working-copy/tree";
import type { Node } from "./outline";
import { deviceWords, KIND_WORDS, titleOfBlock, visitorWords, ZONE_WORDS } from "./words";

/** The text of a row: a menu with where it stands, or an item with what is not ordinary about it. */
export function ItemCell(props: {
  readonly node: Node;
  readonly folded: boolean;
  readonly beneath: number;
  readonly list: string;
  readonly problem: string | null;
  /** The page it is about. */
  readonly page: Page | undefined;
}) {
  const { node, problem } = props;
  const title = (
    <span className={titleClass(node)} title={titleOf(node)}>
      {titleOf(node) || props.list}
    </span>
  );
  return (
    <>
      <KindMark kind={node.row ? node.row.kind.kind : "MENU"} />
      <ReachMark page={props.page} />
      {problem ? <Says sentence={problem}>{title}</Says> : title}
      <Aside {...props} />
    </>
  );
}

/** What a content block is, where its label is not that already. */
function aboutBlock(row: MenuRowDto): string | false {
  return (
    (row.ownLabel !== "" || row.kind.page !== null || row.kind.file !== null) && KIND_WORDS[row.kind.kind]
  );
}

export function titleOf(node: Node): string {
  return node.row ? node.row.label : node.menu.name;
}

function titleClass(node: Node): string {
  if (!node.row) return "title menu-name";
  return node.row.absence ? "title absent" : "title";
}

function Aside({ node, folded, beneath, list }: Parameters<typeof ItemCell>[0]) {
  const { row, menu } = node;
  const words = row
    ? [
        row.page !== null && row.ownLabel !== "" && row.followed !== row.ownLabel && `for ${row.followed}`,
        titleOfBlock(row.kind.kind) && aboutBlock(row),
        row.kind.kind === "LIST" && row.label !== "" && list,
        row.hidden ? "hidden" : row.absence,
        row.absence === null && row.shownTo.length === 1 && `to ${visitorWords(row).toLowerCase()}`,
        deviceWords(row),
        row.farEnd && "far end",
        row.foreign && "of another menu",
      ]
    : [
        menu.setAside
          ? "set aside"
          : menu.zones.length === 0
            ? "not shown anywhere"
            : menu.zones.map((zone) => ZONE_WORDS[zone].toLowerCase()).join(", "),
        menu.follows && "follows the page tree",
      ];
  const all = [...words, folded && `${beneath} under it`].filter(Boolean);
  return all.length > 0 && <span className="aside">{all.join(" · ")}</span>;
}
