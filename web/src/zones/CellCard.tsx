import { Button, Segmented, Select } from "antd";
import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import type { MenuDto, PlacedDto, ScopeDto, Zone, ZonesDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import { Problem } from "../shared/Problem";
import { SteadyButton } from "../shared/SteadyButton";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { PlacedMenu } from "./PlacedMenu";
import { ScopePages } from "./ScopePages";
import { added, altered, around, instead, moved, type Part, saysOf, without, withPart } from "./says";
import { EVERYWHERE, layoutScope, pagesScope, scopeKey, scopeName, sectionScope } from "./scopes";
import { useSaying } from "./useZones";

type Mode = "wider" | "instead" | "around";

/** What stands in one zone for one scope: the menus, how each stands, and why the page in the window has what it has. */
export function CellCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly table: ZonesDto;
  readonly page: string;
  readonly zone: Zone;
  readonly scope: ScopeDto;
  /** Chosen in the row of the page in the window: the scope is still to be chosen. */
  readonly ofPage: boolean;
  /** Opened by key, which goes on from here and comes back with Escape. */
  readonly takesFocus: boolean;
  /** The exception is for other pages now. */
  readonly onScope: (scope: ScopeDto) => void;
  readonly onLeave: () => void;
  readonly menus: readonly MenuDto[];
}) {
  const { copy, store, table, page, zone, menus } = props;
  const [scope, setScope] = useState(props.scope);
  const [problem, setProblem] = useState<string | null>(null);
  const says = saysOf(table, zone, scope);
  const [wanted, setWanted] = useState<Mode | null>(null);
  const mode: Mode = says === null ? (wanted ?? "wider") : says.kind === "INSTEAD" ? "instead" : "around";
  const why = table.page.find((cell) => cell.zone === zone)?.why ?? [];
  const everywhere = scope.kind === "EVERYWHERE";

  const heading = useRef<HTMLHeadingElement>(null);
  const { takesFocus } = props;
  useEffect(() => {
    if (takesFocus) heading.current?.focus();
  }, [takesFocus]);
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const opened = event.target instanceof HTMLElement && event.target.ariaExpanded === "true";
    if (event.key === "Escape" && !opened) props.onLeave(); // in an open list it only closes the list
  };

  const say = useSaying(store);
  const send = async (edit: Parameters<typeof say>[2]) => {
    const result = await say(zone, scope, edit);
    setProblem(result.ok ? null : result.sentence);
  };
  const partOf = (part: Part): readonly PlacedDto[] => says?.[part] ?? [];
  const change = (next: Mode) => {
    setWanted(next);
    if (next === "wider") void send(() => null);
    else if (next === "instead") void send(() => instead([]));
    // Chosen faster than answers come, it goes by what is still on its way.
    else if (says !== null || wanted === "instead") void send((now) => around([], now?.menus ?? []));
  };
  const list = (part: Part, word: string) => (
    <MenuList
      key={part}
      word={word}
      placed={partOf(part)}
      elsewhere={part === "before" ? partOf("after") : part === "after" ? partOf("before") : []}
      menus={menus}
      zone={zone}
      usual={table.usual.find((each) => each.zone === zone)}
      onEdit={(edit) => void send((now) => withPart(now, part, edit))}
    />
  );
  return (
    <section
      className="card"
      aria-label={`${ZONE_WORDS[zone]} of ${scopeName(copy.tree, scope)}`}
      onKeyDown={onKeyDown}
    >
      <h2 ref={heading} tabIndex={-1}>
        {ZONE_WORDS[zone]} of {scopeName(copy.tree, scope)}
      </h2>
      {props.ofPage && (
        <>
          <ul className="why">
            {why.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
          <div className="fields">
            <span id="scope">Change it for</span>
            <Segmented
              aria-labelledby="scope"
              value={scopeKey(scope)}
              onChange={(key) => {
                const next = choices(page, copy).find((each) => scopeKey(each.scope) === key)?.scope;
                if (next) {
                  setScope(next);
                  setWanted(null);
                }
              }}
              options={choices(page, copy).map(({ scope: each, label }) => ({
                value: scopeKey(each),
                label,
              }))}
            />
          </div>
        </>
      )}
      {!props.ofPage && scope.kind === "PAGES" && (
        <ScopePages
          copy={copy}
          store={store}
          table={table}
          scope={scope}
          onScope={(next) => {
            setWanted(mode);
            setScope(next);
            props.onScope(next);
          }}
          onResult={(result) => setProblem(result.ok ? null : result.sentence)}
        />
      )}
      <Problem sentence={problem} />
      {!everywhere && (
        <div className="fields">
          <span id="mode">Here</span>
          <Segmented<Mode>
            aria-labelledby="mode"
            value={mode}
            onChange={change}
            options={[
              { value: "wider", label: "As the wider says" },
              { value: "instead", label: "Instead" },
              { value: "around", label: "Before and after" },
            ]}
          />
        </div>
      )}
      {mode === "around" ? (
        <>
          {list("before", "Before")}
          {list("after", "After")}
        </>
      ) : (
        list(
          "menus",
          mode === "instead" && partOf("menus").length === 0 && !everywhere
            ? "Nothing stands here"
            : "Stands here",
        )
      )}
    </section>
  );
}

/** What an edit begun at one page could be for. */
function choices(
  page: string,
  copy: WorkingCopy,
): readonly { readonly scope: ScopeDto; readonly label: string }[] {
  const layout = copy.tree.pages.get(page)?.layout ?? "STANDARD";
  return [
    { scope: EVERYWHERE, label: "every page" },
    { scope: sectionScope(page), label: "it and what is under it" },
    { scope: layoutScope(layout), label: "its layout" },
    { scope: pagesScope([page]), label: "only this page" },
  ];
}

function MenuList(props: {
  readonly word: string;
  readonly placed: readonly PlacedDto[];
  /** What stands in the other part; a menu stands once. */
  readonly elsewhere: readonly PlacedDto[];
  readonly menus: readonly MenuDto[];
  readonly zone: Zone;
  readonly usual: ZonesDto["usual"][number] | undefined;
  readonly onEdit: (edit: (placed: readonly PlacedDto[]) => readonly PlacedDto[]) => void;
}) {
  const { placed, menus, onEdit } = props;
  const nameOf = (id: string) => menus.find((menu) => menu.id === id)?.name ?? "A menu that is gone";
  const there = [...placed, ...props.elsewhere];
  const free = menus.filter((menu) => !there.some((each) => each.menu === menu.id));
  return (
    <>
      <h3>{props.word}</h3>
      {placed.map((each, index) => (
        <div className="placed" key={each.menu}>
          <div className="placed-head">
            <Link to={`/menus?item=${each.menu}`}>{nameOf(each.menu)}</Link>
            <span className="spring" />
            <SteadyButton
              type="text"
              size="small"
              aria-label={`Move ${nameOf(each.menu)} up`}
              idle={index === 0}
              onClick={() => onEdit((now) => moved(now, each.menu, -1))}
            >
              ↑
            </SteadyButton>
            <SteadyButton
              type="text"
              size="small"
              aria-label={`Move ${nameOf(each.menu)} down`}
              idle={index === placed.length - 1}
              onClick={() => onEdit((now) => moved(now, each.menu, 1))}
            >
              ↓
            </SteadyButton>
            <Button
              type="text"
              size="small"
              aria-label={`Take away ${nameOf(each.menu)}`}
              onClick={() => onEdit((now) => without(now, each.menu))}
            >
              Take away
            </Button>
          </div>
          <PlacedMenu
            placed={each}
            usual={props.usual}
            onChange={(part) => onEdit((now) => altered(now, each.menu, part))}
          />
        </div>
      ))}
      {free.length > 0 && (
        <div className="choices put">
          {free.slice(0, 6).map((menu) => (
            <Button key={menu.id} size="small" onClick={() => onEdit((now) => added(now, menu.id))}>
              + {menu.name}
            </Button>
          ))}
          {free.length > 6 && (
            <Select
              size="small"
              showSearch
              optionFilterProp="label"
              aria-label="Another menu"
              placeholder="another menu…"
              value={null}
              style={{ width: 160 }}
              onChange={(menu: string) => onEdit((now) => added(now, menu))}
              options={free.slice(6).map((menu) => ({ value: menu.id, label: menu.name }))}
            />
          )}
        </div>
      )}
    </>
  );
}
