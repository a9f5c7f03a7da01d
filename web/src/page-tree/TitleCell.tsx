import type { Row } from "../outline/rows";
import { GateMark, GroupMark, KeyMark } from "../shared/marks";
import type { Page } from "../working-copy/tree";

/** A page's title with the mark of what is not ordinary about it. */
export function TitleCell(props: {
  readonly page: Page;
  readonly row: Row;
  readonly problem: string | null;
  /** The last edit touched this page, and it is on the server's disk. */
  readonly kept: boolean;
}) {
  const { page, row, problem } = props;
  return (
    <>
      {page.kind === "GROUP" && <GroupMark />}
      {page.reach === "BY_LINK_ONLY" && <KeyMark />}
      {page.reach === "HELD_BACK" && <GateMark />}
      <span className="title" title={page.title}>
        {page.title}
      </span>
      {problem ? (
        <span className="beside" role="alert">
          {problem}
        </span>
      ) : (
        <>
          <Aside page={page} row={row} />
          {props.kept && <span className="kept">Kept</span>}
        </>
      )}
    </>
  );
}

function Aside({ page, row }: { readonly page: Page; readonly row: Row }) {
  const words = [
    page.kind === "GROUP" && "group",
    page.reach === "BY_LINK_ONLY" && "by link only",
    page.reach === "HELD_BACK" && "held back",
    row.folded && `${row.subpages} under it`,
  ].filter(Boolean);
  return words.length > 0 && <span className="aside">{words.join(" · ")}</span>;
}
