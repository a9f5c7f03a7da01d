import { Button } from "antd";
import type { ChangeDto, MenuDto } from "../api/client";
import { kindOfPage } from "../menus/deeds";
import { endUnder, nodeOf } from "../menus/outline";
import { useMenus } from "../menus/useMenus";
import { newId } from "../shared/ids";

/** Buttons that place pages at the end of a menu, each in one gesture; only menus that miss one of the pages. */
export function Placing(props: {
  readonly pages: readonly string[];
  readonly revision: number;
  readonly onPlace: (change: ChangeDto) => void;
}) {
  const menus = useMenus(props.revision);
  if (menus.status !== "ready") return null;
  const missing = (menu: MenuDto) =>
    props.pages.filter((page) => !menu.rows.some((row) => row.page === page));
  const place = (menu: MenuDto) => {
    const { parent, after, anchor } = endUnder(menus.outline, nodeOf(menus.outline, menu.id));
    let last = after;
    const items = missing(menu).map((page) => {
      const id = newId();
      const item = { id, place: { parent, after: last, anchor }, kind: kindOfPage(page), label: "" };
      last = id;
      return item;
    });
    props.onPlace({ kind: "addItems", items });
  };
  return (
    <div className="choices">
      {menus.menus.menus
        .filter((menu) => !menu.setAside && missing(menu).length > 0)
        .map((menu) => (
          <Button key={menu.id} size="small" onClick={() => place(menu)}>
            + {menu.name}
          </Button>
        ))}
    </div>
  );
}
