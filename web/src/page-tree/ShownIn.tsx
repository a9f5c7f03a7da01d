import { Button } from "antd";
import { Link } from "react-router";
import { api, type ChangeDto, type PlaceableDto, type WhereDto } from "../api/client";
import { menusAddress } from "../menus/address";
import { visitorWords, ZONE_WORDS } from "../menus/words";
import { Answered, useAnswer } from "../shared/answer";
import { newId } from "../shared/ids";

type Edit = (change: ChangeDto) => void;

/** Every item that leads to a page, menu by menu, with what visitors get of it; and the page out of menus and into them. */
export function ShownIn(props: {
  readonly page: string;
  readonly where: readonly WhereDto[];
  /** Pages whose texts link to it. */
  readonly linkedFrom: readonly { readonly id: string; readonly title: string }[];
  readonly placeable: readonly PlaceableDto[];
  readonly onEdit: Edit;
}) {
  const { page, where } = props;
  const menus = [...new Set(where.map((each) => each.menu))];
  return (
    <>
      {where.length === 0 && <p className="hint">No menu shows it.</p>}
      {menus.map((menu) => {
        const items = where.filter((each) => each.menu === menu);
        return (
          <div key={menu} className="shown-in">
            <ul className="standings">
              {items.map((each) => (
                <li key={`${each.item} ${each.page}`}>
                  <Link to={menusAddress({ menu: each.menu, item: each.item, page: each.page })}>
                    {[each.menuName, ...each.path, each.label].join(" › ")}
                  </Link>
                  <span className="hint"> {whatVisitorsGet(each)}</span>
                </li>
              ))}
            </ul>
            <Button
              size="small"
              onClick={() =>
                props.onEdit({ kind: "takePagesOut", removal: newId(), pages: [{ menu, page }] })
              }
            >
              Remove from {items[0]?.menuName}
            </Button>
          </div>
        );
      })}
      {props.linkedFrom.length > 0 && (
        <p className="linked-from">
          <span className="hint">Linked in the text of </span>
          {props.linkedFrom.map(({ id, title }, index) => (
            <span key={id}>
              {index > 0 && ", "}
              <Link to={`/pages/${id}/write`} state={{ arrival: id }}>
                {title}
              </Link>
            </span>
          ))}
        </p>
      )}
      <AddTo menus={props.placeable} onEdit={props.onEdit} />
    </>
  );
}

/** Buttons that add several pages to a menu, each in one gesture; only menus that miss one of the pages. */
export function AddManyTo(props: {
  readonly pages: readonly string[];
  readonly revision: number;
  readonly onEdit: Edit;
}) {
  const placeable = useAnswer(
    ["placeable", ...props.pages],
    props.revision,
    (signal) => api.placeable(props.pages, signal),
    { rest: 150 },
  );
  return (
    <Answered answer={placeable} what="the menus">
      {(menus) => <AddTo menus={menus} onEdit={props.onEdit} />}
    </Answered>
  );
}

/** The pages come to stand where the page tree has them, as on the placing sheet. */
function AddTo({ menus, onEdit }: { readonly menus: readonly PlaceableDto[]; readonly onEdit: Edit }) {
  return (
    <div className="choices placing">
      {menus.map(({ menu, name, missing }) => (
        <Button
          key={menu}
          size="small"
          onClick={() =>
            onEdit({
              kind: "placePages",
              pages: missing.map((page) => ({ menu, page, item: newId(), label: "" })),
            })
          }
        >
          Add to {name}
        </Button>
      ))}
    </div>
  );
}

function whatVisitorsGet(where: WhereDto): string {
  if (where.absence !== null) return where.absence;
  const zones =
    where.zones.length === 0
      ? "this menu is not shown anywhere"
      : where.shownIn.length === 0
        ? "deeper than its zones show"
        : where.shownIn.map((zone) => ZONE_WORDS[zone].toLowerCase()).join(", ");
  return where.shownTo.length === 1 ? `${zones}, to ${visitorWords(where).toLowerCase()}` : zones;
}
