import { Select } from "antd";
import type { AppearanceDto, SettingsDto } from "../api/client";
import { common } from "../shared/Mixed";
import type { WorkingCopy } from "../working-copy/store";
import type { Appearing } from "./deeds";
import { holds, isFirstLevel, type MenuOutline, type Node, opensSomething } from "./outline";

type Arrangement = AppearanceDto["arrangement"];
type Panel = AppearanceDto["panel"];

const ARRANGEMENTS: readonly { readonly value: Arrangement; readonly label: string }[] = [
  { value: "LIST", label: "As a list" },
  { value: "TWO_BESIDE", label: "Two side by side" },
  { value: "THREE_BESIDE", label: "Three side by side" },
  { value: "FOUR_BESIDE", label: "Four side by side" },
  { value: "FIVE_BESIDE", label: "Five side by side" },
  { value: "SWITCHED_AT_START", label: "One at a time, switches at the start" },
  { value: "SWITCHED_ABOVE", label: "One at a time, switches above" },
  { value: "SWITCHED_AT_END", label: "One at a time, switches at the end" },
  { value: "SWITCHED_BELOW", label: "One at a time, switches below" },
];

const PANELS: readonly { readonly value: Panel; readonly label: string }[] = [
  { value: "UNDER", label: "Under the item" },
  { value: "AT_START", label: "At the start of the row" },
  { value: "AT_END", label: "At the end of the row" },
  { value: "ACROSS", label: "Across the row" },
];

/**
 * How and where what is beneath items opens: their arrangement. Nothing where one of them has nothing beneath it, unless
 * it is arranged already.
 */
export function Arranged(props: {
  readonly copy: WorkingCopy;
  readonly outline: MenuOutline;
  readonly nodes: readonly Node[];
  readonly onEdit: (edit: Appearing) => Promise<boolean>;
}) {
  const { outline, nodes, onEdit } = props;
  const rows = nodes.flatMap((node) => node.row ?? []);
  const idle = nodes.filter((node) => isArranged(node) && !opensSomething(outline, node));
  if (idle.length === 0 && !nodes.every((node) => holds(outline, node))) return null;
  return (
    <>
      <div className="fields">
        <label htmlFor="arrangement">What is beneath</label>
        <Choice
          id="arrangement"
          value={common(rows, (row) => row.arrangement)}
          options={ARRANGEMENTS}
          onChoose={(arrangement) => void onEdit({ arrangement })}
        />
        {nodes.every((node) => isFirstLevel(outline, node)) && (
          <>
            <label htmlFor="panel">Opens</label>
            <Choice
              id="panel"
              value={common(rows, (row) => row.panel)}
              options={PANELS}
              onChoose={(panel) => void onEdit({ panel })}
            />
          </>
        )}
      </div>
      <p className="hint">
        {idle.length > 0
          ? `Nothing that shows is beneath ${nodes.length === 1 ? "it" : "some of these"} now, so there is nothing to open; this waits until something is.`
          : where(props.copy.settings.look)}
      </p>
    </>
  );
}

function isArranged({ row }: Node): boolean {
  return row !== null && (row.arrangement !== "LIST" || row.panel !== "UNDER");
}

function Choice<V extends string>(props: {
  readonly id: string;
  readonly value: V | undefined;
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly onChoose: (value: V) => void;
}) {
  return (
    <Select<V>
      id={props.id}
      value={props.value ?? null}
      placeholder="mixed"
      options={[...props.options]}
      onChange={props.onChoose}
    />
  );
}

/** Where it shows so, as the look has it. */
function where(look: SettingsDto["look"]): string {
  switch (look) {
    case "STAITHE":
    case "WEIR":
      return "It opens so from a row across the page, and beside a menu that flies out. In a drawer it unfolds in place.";
    case "TOWPATH":
      return "In the look Towpath all of it unfolds at the side; this waits for a look with a row.";
    case "TIDETABLE":
      return "In the look Tidetable all of it lies on the sheet; this waits for a look with a row.";
  }
}
