import { Checkbox, Select } from "antd";
import type { PlacedDto, ZonesDto } from "../api/client";

type Setting<K extends keyof PlacedDto> = Readonly<Record<NonNullable<PlacedDto[K]> & string, string>>;

const FORMS: Setting<"form"> = {
  ACROSS: "across",
  DOWN: "down",
  FOLDING: "folding",
  FLYING_OUT: "flying out",
  COLUMNS: "in columns",
  BUTTON: "behind a button",
  DRAWER: "in a drawer",
};
const SIZES: Setting<"size"> = { SMALL: "small", NORMAL: "normal", LARGE: "large" };
const ALIGNMENTS: Setting<"alignment"> = {
  START: "at the start",
  CENTRE: "in the middle",
  END: "at the end",
  SPREAD: "spread",
};
/** Only a row can be spread. */
const UNSPREAD = { START: ALIGNMENTS.START, CENTRE: ALIGNMENTS.CENTRE, END: ALIGNMENTS.END };
/** A drawer comes out at one side or the other. */
const SIDES = { START: ALIGNMENTS.START, END: ALIGNMENTS.END };
const WIDTHS: Setting<"width"> = {
  NARROW: "narrow",
  MEDIUM: "medium",
  WIDE: "wide",
  FULL: "as wide as the zone",
};
const GAPS: Setting<"gap"> = { TIGHT: "tight", NORMAL: "normal", WIDE: "wide" };
const MARGINS: Setting<"margin"> = { NONE: "none", NORMAL: "normal", WIDE: "wide" };
const OVERFLOWS: Setting<"overflow"> = { WRAP: "wraps", MORE: "ends in “More”", FOLD: "folds to a button" };

/** How a menu stands in its zone; each setting is seen at once in the window. */
export function PlacedMenu(props: {
  readonly placed: PlacedDto;
  readonly usual: ZonesDto["usual"][number] | undefined;
  readonly onChange: (part: Partial<PlacedDto>) => void;
}) {
  const { placed, usual, onChange } = props;
  const choice = <K extends "form" | "size" | "alignment" | "width" | "gap" | "margin" | "overflow">(
    key: K,
    word: string,
    words: Partial<Setting<K>>,
    asZone?: string,
  ) => (
    <Select
      key={key}
      size="small"
      aria-label={word}
      value={placed[key] ?? ""}
      onChange={(value) => onChange({ [key]: value === "" ? null : value })}
      options={[
        { value: "", label: `${word}: ${asZone ? `${asZone}, as the zone` : "as the zone"}` },
        ...Object.entries(words).map(([value, label]) => ({ value, label: `${word}: ${label}` })),
      ]}
    />
  );
  const levels = usual?.levels ?? 1;
  const form = placed.form ?? usual?.form;
  const across = form !== undefined && usual?.rows.includes(form);
  const drawer = form === "DRAWER";
  return (
    <div className="settings">
      {choice("form", "Form", FORMS, usual && FORMS[usual.form])}
      {choice("size", "Text size", SIZES)}
      {choice("alignment", "Aligned", across ? ALIGNMENTS : drawer ? SIDES : UNSPREAD)}
      {!drawer && choice("width", "Width", WIDTHS, WIDTHS.FULL)}
      {choice("gap", "Gaps", GAPS)}
      {choice("margin", "Margins", MARGINS, MARGINS.NONE)}
      {across && choice("overflow", "Too long", OVERFLOWS, OVERFLOWS.WRAP)}
      <Select
        size="small"
        aria-label="From level"
        value={placed.fromLevel}
        onChange={(fromLevel) => onChange({ fromLevel })}
        options={Array.from({ length: 5 }, (_, index) => ({
          value: index + 1,
          label: `From level ${index + 1}`,
        }))}
      />
      <Select
        size="small"
        aria-label="How many levels"
        value={placed.levels ?? 0}
        onChange={(chosen) => onChange({ levels: chosen === 0 ? null : chosen })}
        options={[
          { value: 0, label: `Levels: ${levels}, as the zone` },
          ...Array.from({ length: 10 }, (_, index) => ({ value: index + 1, label: `Levels: ${index + 1}` })),
        ]}
      />
      <Checkbox
        checked={placed.currentBranchOnly}
        onChange={(event) => onChange({ currentBranchOnly: event.target.checked })}
      >
        Only the branch of the visited page
      </Checkbox>
    </div>
  );
}
