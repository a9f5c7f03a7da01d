import { Checkbox, Segmented, Select } from "antd";
import type { MenuRowDto } from "../api/client";
import { KeptField } from "../shared/KeptField";
import { common, Mixed } from "../shared/Mixed";
import type { ItemEdit } from "./deeds";
import { ICONS } from "./icons";

type Props = {
  /** One item or several; where several differ, the option says so. */
  readonly rows: readonly MenuRowDto[];
  readonly onEdit: (edit: ItemEdit) => Promise<boolean>;
};

/** Who sees items: everybody, some devices, nobody. */
export function Shows({ rows, onEdit }: Props) {
  const shown = (row: MenuRowDto) =>
    row.hidden ? "hidden" : row.devices.length > 1 ? "everywhere" : (row.devices[0] ?? "everywhere");
  return (
    <>
      <span id="shows">Shows</span>
      <span className="with-note">
        <Segmented<string>
          aria-labelledby="shows"
          value={common(rows, shown) ?? ""}
          onChange={(chosen) =>
            void onEdit(
              chosen === "hidden"
                ? { hidden: true }
                : {
                    hidden: false,
                    devices:
                      chosen === "everywhere" ? ["WIDE", "PHONE"] : [chosen === "WIDE" ? "WIDE" : "PHONE"],
                  },
            )
          }
          options={[
            { value: "everywhere", label: "Everywhere" },
            { value: "WIDE", label: "Wide screens" },
            { value: "PHONE", label: "Phones" },
            { value: "hidden", label: "Hidden" },
          ]}
        />
        <Mixed values={rows.map(shown)} />
      </span>
    </>
  );
}

/** How items show, for those that show by themselves. */
export function Look({ rows, onEdit }: Props) {
  const edit = (part: ItemEdit) => void onEdit(part);
  const icon = common(rows, (row) => row.icon);
  const note = common(rows, (row) => row.note);
  return (
    <>
      <h3>How {rows.length === 1 ? "it shows" : "they show"}</h3>
      <div className="fields">
        <span id="weight">Weight</span>
        <span className="with-note">
          <Segmented<string>
            aria-labelledby="weight"
            value={common(rows, (row) => row.weight) ?? ""}
            onChange={(weight) => edit({ weight: weight as MenuRowDto["weight"] })}
            options={[
              { value: "PLAIN", label: "Plain" },
              { value: "STRONG", label: "Strong" },
              { value: "BUTTON", label: "Button" },
            ]}
          />
          <Mixed values={rows.map((row) => row.weight)} />
        </span>
        <label htmlFor="icon">Icon</label>
        <span className="with-note">
          <Select
            id="icon"
            value={icon ?? "mixed"}
            showSearch
            style={{ width: 130 }}
            onChange={(chosen) => edit({ icon: chosen })}
            options={[{ value: "", label: "none" }, ...ICONS.map((each) => ({ value: each, label: each }))]}
          />
          <Tick
            rows={rows}
            of={(row) => row.iconAlone}
            disabled={icon === ""}
            onTick={(iconAlone) => edit({ iconAlone })}
          >
            alone
          </Tick>
        </span>
        <span>Place</span>
        <span className="with-note">
          <Tick rows={rows} of={(row) => row.farEnd} onTick={(farEnd) => edit({ farEnd })}>
            At the far end of a row
          </Tick>
          {rows.some((row) => row.leads !== "") && (
            <Tick rows={rows} of={(row) => row.newTab} onTick={(newTab) => edit({ newTab })}>
              In a new tab
            </Tick>
          )}
        </span>
        <label htmlFor="note">Note</label>
        <KeptField
          key={note ?? "mixed"}
          id="note"
          value={note ?? ""}
          placeholder={note === undefined ? "mixed" : "a short line beneath; none"}
          onKeep={(typed) => onEdit({ note: typed })}
        />
      </div>
    </>
  );
}

function Tick(props: {
  readonly rows: readonly MenuRowDto[];
  readonly of: (row: MenuRowDto) => boolean;
  readonly disabled?: boolean;
  readonly onTick: (on: boolean) => void;
  readonly children: string;
}) {
  const on = common(props.rows, props.of);
  return (
    <Checkbox
      checked={on ?? false}
      indeterminate={on === undefined}
      disabled={props.disabled ?? false}
      onChange={(event) => props.onTick(event.target.checked)}
    >
      {props.children}
    </Checkbox>
  );
}
