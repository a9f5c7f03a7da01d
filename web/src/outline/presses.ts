import type { MouseEvent, PointerEvent } from "react";
import { type Choice, only, ticked, upTo } from "./choice";
import { type Load, press } from "./drag";
import type { Row } from "./rows";

/** A press on a mark folds; on a field it is the field's; anywhere else on a row it chooses, and may become a drag. */
export function pressesOn(at: {
  readonly rows: readonly Row[];
  readonly choice: Choice;
  /** Whether a press on a row ticks it, as Ctrl and a press does. */
  readonly ticking: boolean;
  readonly load: (id: string) => Load | null;
  readonly focus: () => void;
  readonly onChoose: (choice: Choice) => void;
  readonly onEdit: (id: string) => void;
  readonly onFold: (id: string, folded: boolean) => void;
}) {
  const { rows, choice, ticking, onChoose } = at;
  const rowUnder = ({ target }: { readonly target: EventTarget }): Row | undefined => {
    const index =
      target instanceof Element ? target.closest<HTMLElement>("[data-index]")?.dataset.index : undefined;
    return index === undefined ? undefined : rows[Number(index)];
  };
  return {
    onPointerDown: (event: PointerEvent) => {
      const row = rowUnder(event);
      if (row && !isOn(event, "input, .fold")) press(event, () => at.load(row.id));
    },
    onMouseDown: (event: MouseEvent) => {
      const row = rowUnder(event);
      if (!row || isOn(event, "input")) return;
      event.preventDefault();
      if (isOn(event, ".fold")) return at.onFold(row.id, !row.folded);
      at.focus();
      if (event.shiftKey) {
        onChoose(
          upTo(
            choice,
            rows.map(({ id }) => id),
            row.id,
          ),
        );
      } else if (event.ctrlKey || event.metaKey || ticking) onChoose(ticked(choice, row.id));
      else if (!choice.rows.has(row.id)) onChoose(only(row.id));
    },
    onClick: (event: MouseEvent) => {
      // Only now, since a press on one of several may be the beginning of a drag of them all.
      const row = rowUnder(event);
      const plain = !event.shiftKey && !event.ctrlKey && !event.metaKey && !ticking;
      if (row && plain && choice.rows.size > 1 && !isOn(event, "input, .fold")) onChoose(only(row.id));
    },
    onDoubleClick: (event: MouseEvent) => {
      const row = rowUnder(event);
      if (row && !isOn(event, "input, .fold")) at.onEdit(row.id);
    },
  };
}

function isOn({ target }: { readonly target: EventTarget }, what: string): boolean {
  return target instanceof Element && target.closest(what) !== null;
}
