import { Button, Select } from "antd";
import { useState } from "react";
import type { ChangeDto, MenuDto, Zone } from "../api/client";
import { Group } from "../shared/Group";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { added, withPart } from "../zones/says";
import { EVERYWHERE } from "../zones/scopes";
import { useSaying, useZones } from "../zones/useZones";
import { type Appearing, beginning } from "./deeds";
import { JoiningFields } from "./JoiningFields";
import { Look, Shows, ShowsTo } from "./Look";
import { StandsHere } from "./StandsHere";
import { ZONE_WORDS } from "./words";

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
  const say = useSaying(store);
  const [zone, setZone] = useState<Zone>("HEADER");
  const [problem, setProblem] = useState<string | null>(null);
  const standings = (zones.data?.rows ?? []).flatMap((row) =>
    row.cells
      .filter((cell) =>
        [cell.says.menus, cell.says.before, cell.says.after].some((part) =>
          part?.some((placed) => placed.menu === menu.id),
        ),
      )
      .map((cell) => ({ zone: cell.zone, scope: row.name })),
  );
  const stand = async () => {
    const result = await say(zone, EVERYWHERE, (now) =>
      withPart(now, "menus", (there) => added(there, menu.id)),
    );
    setProblem(result.ok ? null : result.sentence);
  };
  const send = async (change: ChangeDto): Promise<boolean> => {
    const result = await store.change(change);
    setProblem(result.ok ? null : result.sentence);
    return result.ok;
  };
  const begin = (edit: Appearing) => send(beginning(menu.id, edit));
  return (
    <section className="card" aria-label={`About ${menu.name}`}>
      <h2>{menu.name}</h2>
      <p className="sentence">
        {menu.setAside
          ? "It is set aside: visitors see it nowhere until you bring it back."
          : standings.length === 0
            ? "It stands in no zone, so visitors do not see it yet."
            : menu.follows
              ? "It follows the page tree; rows can be dressed, hidden and added all the same."
              : "A list built by hand."}
      </p>
      <Problem sentence={problem} />
      <Group name="menu-where" heading="Where it stands">
        <ul className="standings">
          {standings.map((standing) => (
            <li key={`${standing.zone} ${standing.scope}`}>
              <b>{ZONE_WORDS[standing.zone]}</b> of {standing.scope}
            </li>
          ))}
        </ul>
        <div className="choices">
          <Select<Zone>
            aria-label="Zone"
            value={zone}
            onChange={setZone}
            style={{ width: 160 }}
            options={Object.entries(ZONE_WORDS).map(([value, label]) => ({ value: value as Zone, label }))}
          />
          <Button onClick={() => void stand()}>Let it stand there on every page</Button>
        </div>
      </Group>
      <StandsHere copy={copy} menu={menu} page={props.page} />
      <Group name="menu-joining" heading="New open pages">
        {menu.follows && <p className="hint">Those its list yields stand in it already; none comes twice.</p>}
        <JoiningFields copy={copy} menu={menu} send={send} />
      </Group>
      <Group name="menu-new" heading="New items">
        <p className="hint">How items begin that are added from now on; those there stay as they are.</p>
        <div className="fields">
          <Shows rows={[menu.newItems]} onEdit={begin} />
          <ShowsTo rows={[menu.newItems]} onEdit={begin} ofMembersPages={false} />
          <Look rows={[menu.newItems]} onEdit={begin} leads />
        </div>
      </Group>
    </section>
  );
}
