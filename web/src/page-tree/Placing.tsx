import { useQuery } from "@tanstack/react-query";
import { Button } from "antd";
import { api, type ChangeDto, type PlaceableDto } from "../api/client";
import { kindOfPage } from "../menus/deeds";
import { newId } from "../shared/ids";

/** Buttons that place pages at the end of a menu, each in one gesture; only menus that miss one of the pages. */
export function Placing(props: {
  readonly pages: readonly string[];
  readonly revision: number;
  readonly onPlace: (change: ChangeDto) => void;
}) {
  const placeable = useQuery({
    queryKey: ["placeable", props.pages, props.revision],
    queryFn: () => api.placeable(props.pages),
    placeholderData: (previous) => previous,
  });
  return (
    <div className="choices placing">
      {(placeable.data ?? []).map((menu) => (
        <Button key={menu.menu} size="small" onClick={() => props.onPlace(atTheEnd(menu))}>
          + {menu.name}
        </Button>
      ))}
    </div>
  );
}

/** The change that places the pages a menu misses after its last item. */
function atTheEnd(menu: PlaceableDto): ChangeDto {
  let after = menu.after;
  const items = menu.missing.map((page) => {
    const id = newId();
    const place = { parent: menu.menu, after, anchor: null };
    after = id;
    return { id, place, kind: kindOfPage(page), label: "" };
  });
  return { kind: "addItems", items };
}
