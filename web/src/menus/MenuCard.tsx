import { useState } from "react";
import type { ChangeDto, MenuDto } from "../api/client";
import { Answered } from "../shared/answer";
import { Group } from "../shared/Group";
import { Problem } from "../shared/Problem";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { MenuFits } from "../zones/MenuFits";
import { MenuZones } from "../zones/MenuZones";
import { useZones } from "../zones/useZones";
import { type Appearing, beginning } from "./deeds";
import { JoiningFields } from "./JoiningFields";
import { Look, Shows, ShowsTo } from "./Look";
import { StandsHere } from "./StandsHere";
import { WordsLook } from "./WordsLook";

/** Everything about the selected menu: where it stands, and a way to let it stand elsewhere too. */
export function MenuCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly menu: MenuDto;
  /** The page in the window. */
  readonly page: string;
}) {
  const { copy, store, menu } = props;
  const zones = useZones(copy.revision, props.page);
  const [problem, setProblem] = useState<string | null>(null);
  const told = (result: Result) => setProblem(result.ok ? null : result.sentence);
  const send = async (change: ChangeDto): Promise<boolean> => {
    const result = await store.change(change);
    told(result);
    return result.ok;
  };
  const begin = (edit: Appearing) => send(beginning(menu.id, edit));
  return (
    <section className="card" aria-label={`About ${menu.name}`}>
      <h2>{menu.name}</h2>
      <p className="sentence">
        {menu.setAside
          ? "It is set aside: visitors do not see it until you restore it."
          : menu.zones.length === 0
            ? "It is not shown in any zone, so visitors do not see it yet."
            : menu.follows
              ? "It follows the page tree. You can still rename, hide and add rows."
              : "You build it by hand."}
      </p>
      <Problem sentence={problem} />
      <Group name="menu-where" heading="Shown in">
        <Answered answer={zones} what="where it is shown">
          {(table) => <MenuZones {...{ copy, store, table, menu }} page={props.page} onResult={told} />}
        </Answered>
        <MenuFits revision={copy.revision} page={props.page} menu={menu.id} />
      </Group>
      <StandsHere copy={copy} menu={menu} page={props.page} />
      <Group name="menu-joining" folded heading="New open pages">
        {menu.follows && (
          <p className="hint">Pages that its list contains are in it already; none comes twice.</p>
        )}
        <JoiningFields copy={copy} menu={menu} send={send} />
      </Group>
      <Group name="menu-new" folded heading="New items">
        <p className="hint">
          How items start out that you add from now on. Items that are there stay as they are.
        </p>
        <div className="fields">
          <Shows rows={[menu.newItems]} onEdit={begin} />
          <ShowsTo rows={[menu.newItems]} onEdit={begin} ofMembersPages={false} />
          <Look rows={[menu.newItems]} onEdit={begin} leads>
            <WordsLook rows={[menu.newItems]} onEdit={begin} />
          </Look>
        </div>
      </Group>
    </section>
  );
}
