import { type KeyboardEvent, type ReactNode, type RefObject, useEffect, useState } from "react";
import type { AssignmentDto, PlacedDto, ScopeDto, Zone, ZonesDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import { capital } from "../shared/capital";
import { scopeKey } from "./scopes";
import { ZoneDrawing } from "./ZoneDrawing";

const ZONES = Object.keys(ZONE_WORDS) as Zone[];

/** Rows and columns that an arrow key goes on by. */
const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** Scopes down, zones across, and last the page in the window. One stop for Tab; arrow keys go from cell to cell. */
export function ZoneTable(props: {
  readonly rows: readonly {
    readonly scope: ScopeDto;
    readonly name: string;
    readonly cells: readonly AssignmentDto[];
  }[];
  /** What the page in the window has. */
  readonly ofPage: ZonesDto["page"];
  readonly title: string;
  readonly names: ReadonlyMap<string, string>;
  /** With no scope for the row of the page in the window. */
  readonly isChosen: (zone: Zone, scope: ScopeDto | null) => boolean;
  readonly onChoose: (zone: Zone, scope: ScopeDto | null, byKey: boolean) => void;
  /** The cell that Tab comes to. */
  readonly stopRef: RefObject<HTMLButtonElement | null>;
}) {
  const { rows, names, isChosen, onChoose } = props;
  const { stopRef } = props;
  /** Rows by their scope, and null for the row of the page in the window, which takes the stop when another is gone. */
  const keys = [...rows.map((each) => scopeKey(each.scope)), null];
  const [stop, setStop] = useState({ row: keys[0] ?? null, column: 0 });
  const found = keys.indexOf(stop.row);
  const stopRow = found < 0 ? rows.length : found;
  const ofWindow = `${props.title}, the page in the preview`;
  useEffect(() => stopRef.current?.focus({ preventScroll: true }), [stopRef]);
  const onKeyDown = (event: KeyboardEvent<HTMLTableElement>) => {
    const step = STEPS[event.key];
    if (!step) return;
    event.preventDefault();
    const next = event.currentTarget.rows[stopRow + step[0] + 1]?.cells[stop.column + step[1] + 1];
    next?.querySelector("button")?.focus();
  };
  const cell = (
    row: number,
    column: number,
    zone: Zone,
    scope: ScopeDto | null,
    name: string,
    content: ReactNode,
    hint?: string,
  ) => {
    const isStop = row === stopRow && column === stop.column;
    return (
      <td key={zone}>
        <button
          type="button"
          className="cell"
          title={hint}
          tabIndex={isStop ? 0 : -1}
          ref={isStop ? stopRef : undefined}
          aria-pressed={isChosen(zone, scope)}
          onFocus={() => setStop({ row: keys[row] ?? null, column })}
          onClick={(event) => onChoose(zone, scope, event.detail === 0)}
        >
          <span className="unseen">
            {ZONE_WORDS[zone]} of {name}:
          </span>
          {content}
        </button>
      </td>
    );
  };
  return (
    // biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: a table whose cells arrow keys reach is a grid
    <table className="zone-table" role="grid" aria-label="Which menus are shown where" onKeyDown={onKeyDown}>
      <thead>
        <tr>
          <th scope="col">For</th>
          {ZONES.map((zone) => (
            <th key={zone} scope="col">
              <ZoneDrawing zone={zone} />
              {ZONE_WORDS[zone]}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((each, row) => (
          <tr key={scopeKey(each.scope)}>
            <th scope="row">{capital(each.name)}</th>
            {ZONES.map((zone, column) => {
              const said = each.cells.find((one) => one.zone === zone);
              return cell(row, column, zone, each.scope, each.name, <Said assignment={said} names={names} />);
            })}
          </tr>
        ))}
        <tr className="computed">
          <th scope="row">{ofWindow}</th>
          {ZONES.map((zone, column) => {
            const at = props.ofPage.find((one) => one.zone === zone);
            const shown = at?.menus.length ? (
              at.menus.map((menu) => <span key={menu.menu}>{menu.name}</span>)
            ) : (
              <Unsaid />
            );
            return cell(rows.length, column, zone, null, ofWindow, shown, at?.why.join(" "));
          })}
        </tr>
      </tbody>
    </table>
  );
}

/** What an assignment puts in a cell. */
function Said(props: {
  readonly assignment: AssignmentDto | undefined;
  readonly names: ReadonlyMap<string, string>;
}) {
  const says = props.assignment?.says;
  if (!says) return <Unsaid />;
  const list = (placed: readonly PlacedDto[] | null, word: string) =>
    (placed ?? []).map((each) => (
      <span key={word + each.menu}>
        {word && <em>{word} </em>}
        {props.names.get(each.menu) ?? "a menu that is gone"}
      </span>
    ));
  if (says.kind === "AROUND") {
    return (
      <>
        {list(says.before, "before:")}
        {list(says.after, "after:")}
      </>
    );
  }
  return (says.menus ?? []).length === 0 ? <em>nothing</em> : list(says.menus, "");
}

function Unsaid() {
  return <span className="unsaid">–</span>;
}
