import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, type ChangeDto } from "../api/client";
import { menusAddress } from "../menus/address";
import { visitorWords, ZONE_WORDS } from "../menus/words";
import { Group } from "../shared/Group";
import { useLater } from "../shared/useLater";
import { Placing } from "./Placing";

/** Every item that leads to a page, with a way there, and the menus it could be placed in by one click. */
export function Whereabouts(props: {
  readonly page: string;
  readonly revision: number;
  readonly onPlace: (change: ChangeDto) => void;
}) {
  const { page, revision } = props;
  // The window comes first.
  const rested = useLater(revision, 150);
  const places = useQuery({
    queryKey: ["whereabouts", page, rested],
    queryFn: () => api.whereabouts(page),
    placeholderData: (previous) => previous,
  });
  const found = places.data ?? [];
  return (
    <Group name="page-where" heading="Where it stands">
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
                  : each.shownIn.length === 0
                    ? "deeper than its zones show"
                    : each.shownIn.map((zone) => ZONE_WORDS[zone].toLowerCase()).join(", "))}
              {each.absence === null &&
                each.shownTo.length === 1 &&
                `, to ${visitorWords(each).toLowerCase()}`}
            </span>
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className="hint">No menu leads here.</p>}
      <Placing pages={[page]} revision={revision} onPlace={props.onPlace} />
    </Group>
  );
}
