import { Link } from "react-router";
import type { MenuDto } from "../api/client";
import { Answered, derived } from "../shared/answer";
import { Group } from "../shared/Group";
import type { WorkingCopy } from "../working-copy/store";
import { pageOf } from "../working-copy/tree";
import { useZones } from "../zones/useZones";
import { ZONE_WORDS } from "./words";

/** Why a menu is shown where it is on the page in the preview, or that it is not. */
export function StandsHere(props: {
  readonly copy: WorkingCopy;
  readonly menu: MenuDto;
  /** The page in the window. */
  readonly page: string;
}) {
  const { copy, menu, page } = props;
  const zones = useZones(copy.revision, page);
  const here = derived(zones, (table) =>
    table.page.filter((zone) => zone.menus.some((each) => each.menu === menu.id)),
  );
  return (
    <Group name="menu-here" folded heading={`${menu.name} on ${pageOf(copy.tree, page).title}`}>
      <Answered answer={here} what="where it is shown there">
        {(places) =>
          places.length === 0 ? (
            <p className="hint">It is not shown on the page in the preview.</p>
          ) : (
            <ul className="standings">
              {places.map(({ zone, why }) => (
                <li key={zone}>
                  <b>{ZONE_WORDS[zone]}</b> {why.join(" ")}
                </li>
              ))}
            </ul>
          )
        }
      </Answered>
      <Link to="/zones">All zones</Link>
    </Group>
  );
}
