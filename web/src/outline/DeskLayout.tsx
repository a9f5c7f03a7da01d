import type { ReactNode } from "react";
import { useMayEdit } from "../people/mayEdit";
import type { Keys } from "../shell/keys";
import type { Choice } from "./choice";
import { DropCues } from "./DropCues";
import type { Load } from "./drag";
import type { Target, Verdict } from "./drop";
import { type ExtraRow, Outline } from "./Outline";
import type { Row } from "./rows";
import { Several } from "./Several";
import type { Desk } from "./useDesk";

/** The left side of the screen: a head, what finds rows, what acts on the chosen ones, and the rows as an outline. */
export function DeskLayout<Line extends { readonly kind: string }>(props: {
  readonly label: string;
  readonly desk: Desk<Line>;
  readonly count: ReactNode;
  /** What concerns the whole outline, after the switch for ticking. */
  readonly buttons: ReactNode;
  readonly finder: ReactNode;
  readonly actions: ReactNode;
  /** What stands beneath the rows. */
  readonly teaser: ReactNode;
  readonly columns: readonly string[];
  readonly widths: readonly string[];
  readonly rows: readonly Row[];
  readonly choice: Choice;
  readonly revision: number;
  readonly extra: ExtraRow | null;
  readonly keys: Keys;
  readonly load: (id: string) => Load | null;
  readonly judge: (load: Load, target: Target) => Verdict;
  readonly onDrop: (load: Load, target: Target) => void;
  readonly onEdit: (id: string) => void;
  readonly onFold: (id: string, folded: boolean) => void;
  readonly cells: (row: Row) => readonly ReactNode[];
}) {
  const { label, desk, rows } = props;
  const mayEdit = useMayEdit();
  return (
    <section className="desk" aria-label={label}>
      <div className="head">
        <h2>{label}</h2>
        {props.count}
        <span className="spring" />
        <Several on={desk.ticking} onSwitch={desk.setTicking} />
        {props.buttons}
      </div>
      {props.finder}
      {mayEdit && props.actions}
      <Outline
        label={label}
        columns={props.columns}
        widths={props.widths}
        rows={rows}
        choice={props.choice}
        ticking={desk.ticking}
        gridRef={desk.gridRef}
        load={mayEdit ? props.load : () => null}
        cues={
          <DropCues
            gridRef={desk.gridRef}
            rows={rows}
            revision={props.revision}
            judge={props.judge}
            onDrop={props.onDrop}
            onUnfold={(id) => props.onFold(id, false)}
          />
        }
        extra={props.extra}
        onChoose={desk.choose}
        onEdit={mayEdit ? props.onEdit : () => {}}
        onFold={props.onFold}
        keys={mayEdit ? props.keys : {}}
        cells={props.cells}
      />
      {mayEdit && props.teaser}
    </section>
  );
}
