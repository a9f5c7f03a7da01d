import { Input } from "antd";

/** A field that finds rows of a list beneath it; the arrow keys go through the list without leaving the field. */
export function FindField(props: {
  /** The id of the list. */
  readonly list: string;
  /** The id of the row that Enter would act on. */
  readonly active: string | undefined;
  readonly label: string;
  readonly placeholder?: string;
  readonly typed: string;
  readonly onType: (typed: string) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onEnter: (withCtrl: boolean) => void;
  readonly onLeave: () => void;
}) {
  return (
    <Input
      autoFocus
      value={props.typed}
      placeholder={props.placeholder ?? "Part of a page’s title"}
      role="combobox"
      aria-expanded="true"
      aria-controls={props.list}
      aria-activedescendant={props.active}
      aria-label={props.label}
      onChange={(event) => props.onType(event.target.value)}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === "ArrowDown") props.onMove(1);
        else if (event.key === "ArrowUp") props.onMove(-1);
        else if (event.key === "Enter") props.onEnter(event.ctrlKey);
        else if (event.key === "Escape") props.onLeave();
        else return;
        event.preventDefault();
      }}
    />
  );
}
