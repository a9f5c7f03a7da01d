import { Button, Segmented, Select } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import type { MenuDto, PlacedDto, SaysDto, ScopeDto, Zone, ZonesDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { PlacedMenu } from "./PlacedMenu";
import { scopeKey, scopeName } from "./scopes";
import { AS_THE_ZONE } from "./useZones";

type Part = "menus" | "before" | "after";
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
  readonly menus: readonly MenuDto[];
}) {
  const { copy, store, table, page, zone, menus } = props;
  const [scope, setScope] = useState(props.scope);
  const [problem, setProblem] = useState<string | null>(null);
  const says =
    table.rows
      .find((row) => scopeKey(row.scope) === scopeKey(scope))
      ?.cells.find((cell) => cell.zone === zone)?.says ?? null;
  const [wanted, setWanted] = useState<Mode | null>(null);
  const mode: Mode = says === null ? (wanted ?? "wider") : says.kind === "INSTEAD" ? "instead" : "around";
  const why = table.page.find((cell) => cell.zone === zone)?.why ?? [];
  const everywhere = scope.kind === "EVERYWHERE";

  const send = async (next: SaysDto | null) => {
    const result = await store.change({ kind: "assignMenus", zone, scope, says: next });
    setProblem(result.ok ? null : result.sentence);
  };
  const partOf = (part: Part): readonly PlacedDto[] => says?.[part] ?? [];
  const put = (part: Part, placed: readonly PlacedDto[]) =>
    void send(
      part === "menus"
        ? { kind: "INSTEAD", menus: placed, before: null, after: null }
        : {
            kind: "AROUND",
            menus: null,
            before: part === "before" ? placed : partOf("before"),
            after: part === "after" ? placed : partOf("after"),
          },
    );
  const change = (next: Mode) => {
    setWanted(next);
    if (next === "wider") void send(null);
    else if (next === "instead") void send({ kind: "INSTEAD", menus: [], before: null, after: null });
    else if (says !== null) void send({ kind: "AROUND", menus: null, before: [], after: partOf("menus") });
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
      onPut={(placed) => put(part, placed)}
    />
  );
  return (
    <section className="card" aria-label={`${ZONE_WORDS[zone]} of ${scopeName(copy.tree, scope)}`}>
      <h2>
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
                const next = choices(page, copy).find((each) => scopeKey(each) === key);
                if (next) {
                  setScope(next);
                  setWanted(null);
                }
              }}
              options={choices(page, copy).map((each) => ({
                value: scopeKey(each),
                label: CHOICES[each.kind],
              }))}
            />
          </div>
        </>
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

const CHOICES: Readonly<Record<ScopeDto["kind"], string>> = {
  EVERYWHERE: "every page",
  SECTION: "it and what is under it",
  LAYOUT: "its layout",
  PAGES: "only this page",
};

/** What an edit begun at one page could be for. */
function choices(page: string, copy: WorkingCopy): ScopeDto[] {
  const layout = copy.tree.pages.get(page)?.layout ?? "STANDARD";
  return [
    { kind: "EVERYWHERE", page: null, layout: null, pages: null },
    { kind: "SECTION", page, layout: null, pages: null },
    { kind: "LAYOUT", page: null, layout, pages: null },
    { kind: "PAGES", page: null, layout: null, pages: [page] },
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
  readonly onPut: (placed: readonly PlacedDto[]) => void;
}) {
  const { placed, menus, onPut } = props;
  const nameOf = (id: string) => menus.find((menu) => menu.id === id)?.name ?? "A menu that is gone";
  const there = [...placed, ...props.elsewhere];
  const free = menus.filter((menu) => !there.some((each) => each.menu === menu.id));
  const at = (index: number, next: PlacedDto) => placed.map((each, other) => (other === index ? next : each));
  return (
    <>
      <h3>{props.word}</h3>
      {placed.map((each, index) => (
        <div className="placed" key={each.menu}>
          <div className="placed-head">
            <Link to={`/menus?item=${each.menu}`}>{nameOf(each.menu)}</Link>
            <span className="spring" />
            <Button
              type="text"
              size="small"
              aria-label={`Move ${nameOf(each.menu)} up`}
              disabled={index === 0}
              onClick={() => onPut(swapped(placed, index - 1))}
            >
              ↑
            </Button>
            <Button
              type="text"
              size="small"
              aria-label={`Move ${nameOf(each.menu)} down`}
              disabled={index === placed.length - 1}
              onClick={() => onPut(swapped(placed, index))}
            >
              ↓
            </Button>
            <Button
              type="text"
              size="small"
              aria-label={`Take away ${nameOf(each.menu)}`}
              onClick={() => onPut(placed.filter((other) => other !== each))}
            >
              Take away
            </Button>
          </div>
          <PlacedMenu placed={each} usual={props.usual} onChange={(next) => onPut(at(index, next))} />
        </div>
      ))}
      {free.length > 0 && (
        <div className="choices put">
          {free.slice(0, 6).map((menu) => (
            <Button
              key={menu.id}
              size="small"
              onClick={() => onPut([...placed, { menu: menu.id, ...AS_THE_ZONE }])}
            >
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
              onChange={(menu: string) => onPut([...placed, { menu, ...AS_THE_ZONE }])}
              options={free.slice(6).map((menu) => ({ value: menu.id, label: menu.name }))}
            />
          )}
        </div>
      )}
    </>
  );
}

/** The list with a menu and the next one exchanged. */
function swapped(placed: readonly PlacedDto[], at: number): PlacedDto[] {
  const next = [...placed];
  const [moved] = next.splice(at, 1);
  if (moved) next.splice(at + 1, 0, moved);
  return next;
}
