import { useQuery } from "@tanstack/react-query";
import { Button } from "antd";
import { Link } from "react-router";
import { api, type ChangeDto } from "../api/client";
import { menusAddress } from "../menus/address";
import { kindOfPage } from "../menus/deeds";
import { endUnder, nodeOf } from "../menus/outline";
import { useMenus } from "../menus/useMenus";
import { ZONE_WORDS } from "../menus/words";
import { newId } from "../shared/ids";

/** Every item that leads to a page, with a way there, and the menus it could be placed in by one click. */
export function Whereabouts(props: {
  readonly page: string;
  readonly revision: number;
  readonly onPlace: (change: ChangeDto) => void;
}) {
  const { page, revision } = props;
  const places = useQuery({
    queryKey: ["whereabouts", page, revision],
    queryFn: () => api.whereabouts(page),
    placeholderData: (previous) => previous,
  });
  const menus = useMenus(revision);
  const found = places.data ?? [];
  const free =
    menus.status === "ready"
      ? menus.menus.menus.filter((menu) => !menu.setAside && !found.some((place) => place.menu === menu.id))
      : [];
  const place = (menu: string) => {
    if (menus.status !== "ready") return;
    const end = endUnder(menus.outline, nodeOf(menus.outline, menu));
    props.onPlace({
      kind: "addItems",
      items: [{ id: newId(), place: end, kind: kindOfPage(page), label: "" }],
    });
  };
  return (
    <>
      <h3>Where it stands</h3>
      <ul className="standings">
        {found.map((each) => (
          <li key={`${each.item} ${each.page}`}>
            <Link to={menusAddress({ menu: each.menu, item: each.item, page: each.page })}>
              {[each.menuName, ...each.path, each.label].join(" › ")}
            </Link>
            <span className="hint">
              {" "}
              {each.absence ??
                (each.zones.length === 0
                  ? "the menu stands nowhere"
                  : each.zones.map((zone) => ZONE_WORDS[zone].toLowerCase()).join(", "))}
            </span>
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className="hint">No menu leads here.</p>}
      <div className="choices">
        {free.map((menu) => (
          <Button key={menu.id} size="small" onClick={() => place(menu.id)}>
            + {menu.name}
          </Button>
        ))}
      </div>
    </>
  );
}
