import { Button, Select } from "antd";
import { useState } from "react";
import type { MenuDto, SaysDto, ScopeDto, Zone, ZonesDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf } from "../working-copy/tree";
import { added, beside, instead, removed, standings } from "./says";
import { EVERYWHERE, scopeKey, scopeName, scopesAt } from "./scopes";
import { useSaying } from "./useZones";
import "./zones.css";

const LISTS = new Intl.ListFormat("en-GB");

type Props = {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly table: ZonesDto;
  readonly menu: MenuDto;
  /** The page in the window. */
  readonly page: string;
  readonly onResult: (result: Result) => void;
};

type Edit = (zone: Zone, scope: ScopeDto, edit: (now: SaysDto | null) => SaysDto | null) => void;

/** The zones that show a menu, each with a way out, and a zone to show it in: instead of what is there, or beside it. */
export function MenuZones(props: Props) {
  const { table, menu } = props;
  const say = useSaying(props.store);
  const edit: Edit = (zone, scope, what) => void say(zone, scope, what).then(props.onResult);
  const all = standings(table, menu.id);
  return (
    <>
      {menu.setAside && all.length > 0 && <p className="hint">Once it is restored:</p>}
      <ul className="standings">
        {all.map(({ zone, scope, name }) => (
          <li key={`${zone} ${name}`}>
            <b>{ZONE_WORDS[zone]}</b> of {name}{" "}
            <Button
              size="small"
              aria-label={`Remove from ${ZONE_WORDS[zone]} of ${name}`}
              onClick={() =>
                edit(zone, scope, (now) => removed(now, menu.id, scope.kind === EVERYWHERE.kind))
              }
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      {!menu.setAside && <ShowIn {...props} onEdit={edit} />}
    </>
  );
}

function ShowIn({ copy, table, menu, page, onEdit }: Props & { readonly onEdit: Edit }) {
  const [zone, setZone] = useState<Zone>("HEADER");
  const [scope, setScope] = useState<ScopeDto>(EVERYWHERE);
  const everywhere = scope.kind === EVERYWHERE.kind;
  const all = table.page.find((each) => each.zone === zone)?.menus ?? [];
  const there = all.filter((each) => each.menu !== menu.id);
  const isThere = there.length < all.length;
  const names = LISTS.format(there.map((each) => each.name));
  const title = pageOf(copy.tree, page).title;
  return (
    <div className="show-in">
      <span>Show it in</span>
      <Select<Zone>
        aria-label="Zone"
        value={zone}
        onChange={setZone}
        style={{ width: 150 }}
        options={Object.entries(ZONE_WORDS).map(([value, label]) => ({ value: value as Zone, label }))}
      />
      <span>of</span>
      <Select
        aria-label="On which pages"
        value={scopeKey(scope)}
        popupMatchSelectWidth={false}
        onChange={(key) =>
          setScope(
            scopesAt(copy.tree, page).find((each) => scopeKey(each.scope) === key)?.scope ?? EVERYWHERE,
          )
        }
        options={scopesAt(copy.tree, page).map((each) => ({
          value: scopeKey(each.scope),
          label: each.label === "only this page" ? title : scopeName(copy, each.scope),
        }))}
      />
      {(!isThere || names !== "") && (
        <div className="choices">
          <Button onClick={() => onEdit(zone, scope, () => instead(added([], menu.id)))}>
            {names ? `Instead of ${names}` : `Show in ${ZONE_WORDS[zone].toLowerCase()}`}
          </Button>
          {names && !isThere && (
            <Button onClick={() => onEdit(zone, scope, (now) => beside(now, menu.id, everywhere))}>
              Beside {names}
            </Button>
          )}
        </div>
      )}
      <p className="hint">{whatIsThere(title, names, isThere)}</p>
    </div>
  );
}

function whatIsThere(title: string, names: string, isThere: boolean): string {
  if (isThere) return `${title}, in the preview, shows it there already${names && `, with ${names}`}.`;
  return names
    ? `${title}, in the preview, shows ${names} there now.`
    : `${title}, in the preview, shows nothing there now.`;
}
