import type { PlacingDto } from "../api/client";
import { BuiltInMark, GroupMark, LockMark, PeriodMark, ReachMark } from "../shared/marks";
import { Says } from "../shared/Says";
import { isBuiltIn, type Page } from "../working-copy/tree";

/** A page's title with the mark of what is not ordinary about it. */
export function TitleCell(props: {
  readonly page: Page;
  readonly placing: PlacingDto | undefined;
  /** How many pages are folded away beneath it. */
  readonly beneath: number;
  readonly problem: string | null;
  /** The last edit touched this page, and it is on the server's disk. */
  readonly kept: boolean;
}) {
  const { page, problem } = props;
  const title = (
    <span className="title" title={page.title}>
      {page.title}
    </span>
  );
  return (
    <>
      {page.kind === "GROUP" && <GroupMark />}
      {isBuiltIn(page) && <BuiltInMark />}
      <ReachMark page={page} />
      {page.periods.length > 0 && <PeriodMark open={!props.placing?.closed} />}
      {page.locked && <LockMark />}
      {problem ? <Says sentence={problem}>{title}</Says> : title}
      <Aside page={page} placing={props.placing} beneath={props.beneath} />
      {props.kept && <span className="kept">Saved</span>}
    </>
  );
}

function Aside(props: {
  readonly page: Page;
  readonly placing: PlacingDto | undefined;
  readonly beneath: number;
}) {
  const { page, placing, beneath } = props;
  const words = [
    page.kind === "GROUP" && "group",
    isBuiltIn(page) && "built in",
    page.reach === "BY_LINK_ONLY" && "by link only",
    page.reach === "HELD_BACK" && "held back",
    page.membersOnly && "members only",
    (page.periods.length > 0 && placing?.turns) || (placing?.closed && "closed"),
    page.model && "model page",
    page.locked && "locked",
    beneath > 0 && `${beneath} under it`,
  ].filter(Boolean);
  const said = words.join(" · ");
  return (
    said !== "" && (
      <span className="aside" title={said}>
        {said}
      </span>
    )
  );
}
