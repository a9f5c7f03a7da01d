import { Checkbox } from "antd";
import type { ReactNode } from "react";
import type { AppearanceDto } from "../api/client";
import { KeptField } from "../shared/KeptField";
import { CommonChoice, common } from "../shared/Mixed";
import { Periods } from "../shared/Periods";
import type { Appearing } from "./deeds";

type Props = {
  /** Of one item or several; where several differ, the option says so. */
  readonly rows: readonly AppearanceDto[];
  readonly onEdit: (edit: Appearing) => Promise<boolean>;
};

/** Who sees items: everybody, some devices, nobody. */
export function Shows({ rows, onEdit }: Props) {
  const shown = (row: AppearanceDto): Shown =>
    row.hidden ? "HIDDEN" : row.devices.length > 1 ? "EVERYWHERE" : (row.devices[0] ?? "EVERYWHERE");
  return (
    <CommonChoice<Shown>
      id="shows"
      label="Shows"
      values={rows.map(shown)}
      options={SHOWN}
      onChoose={(chosen) =>
        void onEdit(
          chosen === "HIDDEN"
            ? { hidden: true }
            : { hidden: false, devices: chosen === "EVERYWHERE" ? ["WIDE", "PHONE"] : [chosen] },
        )
      }
    />
  );
}

/** Which visitors see items, as far as their pages let them. */
export function ShowsTo({ rows, onEdit, ofMembersPages }: Props & { readonly ofMembersPages: boolean }) {
  return (
    <>
      <CommonChoice<ShownTo>
        id="shows-to"
        label="To"
        values={rows.map(({ visitors: [first, second] }) => (second ? "ALL" : (first ?? "ALL")))}
        options={SHOWN_TO}
        onChoose={(chosen) =>
          void onEdit({ visitors: chosen === "ALL" ? ["NON_MEMBER", "MEMBER"] : [chosen] })
        }
      />
      {ofMembersPages && rows.every((row) => row.visitors.includes("NON_MEMBER")) && (
        <>
          <span>Everyone else</span>
          <Tick
            rows={rows}
            of={(row) => row.beforeSignIn}
            onTick={(beforeSignIn) => void onEdit({ beforeSignIn })}
          >
            See it too, and are asked to sign in
          </Tick>
        </>
      )}
    </>
  );
}

type ShownTo = "ALL" | "MEMBER" | "NON_MEMBER";

const SHOWN_TO = [
  { value: "ALL", label: "Everyone" },
  { value: "MEMBER", label: "Members" },
  { value: "NON_MEMBER", label: "Everyone else" },
] as const;

/** When items show, for those that show by themselves. */
export function ShowsWhen({ rows, onEdit }: Props) {
  return <Periods each={rows.map((row) => row.periods)} onKeep={(periods) => onEdit({ periods })} />;
}

type Shown = "EVERYWHERE" | "WIDE" | "PHONE" | "HIDDEN";

const SHOWN = [
  { value: "EVERYWHERE", label: "Everywhere" },
  { value: "WIDE", label: "Wide screens" },
  { value: "PHONE", label: "Phones" },
  { value: "HIDDEN", label: "Hidden" },
] as const;

const RELATIONS = [
  { value: "ORDINARY", label: "Ordinary" },
  { value: "NOT_VOUCHED_FOR", label: "Not vouched for" },
  { value: "PAID", label: "Paid" },
] as const;

/** How items show, for those that show by themselves. How their words do is put into it. */
export function Look({
  rows,
  onEdit,
  leads,
  children,
}: Props & { readonly leads: boolean; readonly children: ReactNode }) {
  const edit = (part: Appearing) => void onEdit(part);
  const note = common(rows, (row) => row.note);
  const hook = common(rows, (row) => row.hook);
  return (
    <>
      {children}
      <span>Position</span>
      <span className="with-note">
        <Tick rows={rows} of={(row) => row.farEnd} onTick={(farEnd) => edit({ farEnd })}>
          At the far end of a row
        </Tick>
        {leads && (
          <Tick rows={rows} of={(row) => row.newTab} onTick={(newTab) => edit({ newTab })}>
            In a new tab
          </Tick>
        )}
      </span>
      <label htmlFor="note">Note</label>
      <KeptField
        id="note"
        value={note ?? ""}
        placeholder={note === undefined ? "mixed" : "a short line beneath; none"}
        onKeep={(typed) => onEdit({ note: typed })}
      />
      {leads && (
        <CommonChoice<AppearanceDto["relation"]>
          id="relation"
          label="To search engines"
          values={rows.map((row) => row.relation)}
          options={RELATIONS}
          onChoose={(relation) => edit({ relation })}
        />
      )}
      <label htmlFor="hook">Hook</label>
      <KeptField
        id="hook"
        value={hook ?? ""}
        placeholder={hook === undefined ? "mixed" : "a name for style sheets of yours; none"}
        onKeep={(typed) => onEdit({ hook: typed })}
      />
    </>
  );
}

/** A yes or no of items, undecided where they differ. */
export function Tick(props: {
  readonly rows: readonly AppearanceDto[];
  readonly of: (row: AppearanceDto) => boolean;
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
