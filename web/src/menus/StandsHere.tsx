import { Link } from "react-router";
import type { MenuDto } from "../api/client";
import { Group } from "../shared/Group";
import type { WorkingCopy } from "../working-copy/store";
import { pageOf } from "../working-copy/tree";
import { useZones } from "../zones/useZones";
import { ZONE_WORDS } from "./words";

/** Why a menu stands where it does on the page in the window, or that it does not. */
export function StandsHere(props: {
  readonly copy: WorkingCopy;
  readonly menu: MenuDto;
  /** The page in the window. */
  readonly page: string;
}) {
  const { copy, menu, page } = props;
  const zones = useZones(copy.revision, page);
  const here = (zones.data?.page ?? []).filter((zone) => zone.menus.some((each) => each.menu === menu.id));
  return (
    <Group name="menu-here" heading={`${menu.name} on ${pageOf(copy.tree, page).title}`}>
      {here.length === 0 ? (
        <p className="hint">{zones.data ? "It does not stand on the page in the window." : " "}</p>
      ) : (
        <ul className="standings">
          {here.map(({ zone, why }) => (
            <li key={zone}>
              <b>{ZONE_WORDS[zone]}</b> {why.join(" ")}
            </li>
          ))}
        </ul>
      )}
      <Link to="/zones">All zones</Link>
    </Group>
  );
}
