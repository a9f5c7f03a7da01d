import type { MenuDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import { counted } from "../shared/counted";
import { ZoneDrawing } from "../zones/ZoneDrawing";
import { COLUMN, FIRST, HEAD } from "./geometry";
import type { Column } from "./SheetRow";

/** The names of the menus, with where they are shown. */
export function SheetHead(props: {
  readonly pages: number;
  readonly columns: readonly Column[];
  readonly width: number;
}) {
  return (
    <div
      className="sheet-row names"
      role="row"
      aria-rowindex={1}
      style={{ width: props.width, height: HEAD }}
    >
      <div role="columnheader" aria-colindex={1} className="page" style={{ width: FIRST }}>
        {counted(props.pages, "# page", "# pages")}
      </div>
      {props.columns.map(({ menu, index, left }) => (
        <div
          key={menu.id}
          role="columnheader"
          aria-colindex={index + 2}
          className="spot"
          style={{ left, width: COLUMN }}
          title={menu.name}
        >
          <b>
            {menu.zones[0] && !menu.setAside && <ZoneDrawing zone={menu.zones[0]} />}
            <span>{menu.name}</span>
          </b>
          <span>
            {standsIn(menu)} · {menu.items}
          </span>
        </div>
      ))}
    </div>
  );
}

function standsIn(menu: MenuDto): string {
  if (menu.setAside) return "set aside";
  return menu.zones.length === 0
    ? "not shown anywhere"
    : menu.zones.map((zone) => ZONE_WORDS[zone].toLowerCase()).join(", ");
}
