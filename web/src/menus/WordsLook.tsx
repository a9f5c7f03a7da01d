import type { ReactNode } from "react";
import type { AppearanceDto } from "../api/client";
import { IconChoice } from "../shared/IconChoice";
import { CommonChoice, common } from "../shared/Mixed";
import type { Appearing } from "./deeds";
import { Tick } from "./Look";

const WEIGHTS = [
  { value: "PLAIN", label: "Plain" },
  { value: "STRONG", label: "Strong" },
  { value: "BUTTON", label: "Button" },
] as const;

/** How the words of items show. What is put into it comes last. */
export function WordsLook(props: {
  readonly rows: readonly AppearanceDto[];
  readonly onEdit: (edit: Appearing) => Promise<boolean>;
  readonly children?: ReactNode;
}) {
  const { rows, onEdit } = props;
  const edit = (part: Appearing) => void onEdit(part);
  const icon = common(rows, (row) => row.icon);
  return (
    <>
      <CommonChoice<AppearanceDto["weight"]>
        id="weight"
        label="Weight"
        values={rows.map((row) => row.weight)}
        options={WEIGHTS}
        onChoose={(weight) => edit({ weight })}
      />
      <span>Colour</span>
      <Tick rows={rows} of={(row) => row.accent} onTick={(accent) => edit({ accent })}>
        The accent of the look
      </Tick>
      <label htmlFor="icon">Icon</label>
      <span className="with-note">
        <IconChoice id="icon" mayBeNone value={icon} onChoose={(chosen) => edit({ icon: chosen })} />
        <Tick
          rows={rows}
          of={(row) => row.iconAlone}
          disabled={icon === ""}
          onTick={(iconAlone) => edit({ iconAlone })}
        >
          alone
        </Tick>
      </span>
      {props.children}
    </>
  );
}
