import { Select } from "antd";
import { memo, useRef, useState } from "react";
import { useNavigate } from "react-router";
import type { AssignmentDto, ScopeDto, Zone, ZonesDto } from "../api/client";
import { menusAddress } from "../menus/address";
import { useMenus } from "../menus/useMenus";
import { Editing } from "../people/mayEdit";
import { capital } from "../shared/capital";
import { NotYet } from "../shell/NotYet";
import { Split } from "../shell/Split";
import { useWholeScreen } from "../shell/useWholeScreen";
import { WindowPane } from "../window/WindowPane";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { childrenOf, pageOf, pathTo } from "../working-copy/tree";
import { CellCard } from "./CellCard";
import { Fits } from "./Fits";
import { RowsElsewhere } from "./RowsElsewhere";
import { pagesScope, pageWithin, scopeKey, scopeName, scopesOf, sectionScope } from "./scopes";
import { useZones } from "./useZones";
import { ZoneTable } from "./ZoneTable";
import "./zones.css";

/** A cell of the table: a zone, and the scope or, in the last row, the page in the window. */
type Chosen = {
  readonly zone: Zone;
  readonly scope: ScopeDto;
  readonly ofPage: boolean;
  readonly byKey: boolean;
  /** Tells the card from others, and stays while the pages of the scope become others. */
  readonly card: string;
};

/** The zone table: scopes down, zones across, and what the page in the window has, with the reason. */
export default memo(ZonesScreen);

function ZonesScreen(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  /** The page in the window. */
  readonly page: string;
  readonly onPage: (page: string) => void;
}) {
  const { copy, store, page } = props;
  const zones = useZones(copy.revision, page);
  const answer = useMenus(copy.revision);
  const stopRef = useRef<HTMLButtonElement>(null);
  const [whole, setWhole] = useWholeScreen(stopRef);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [drafts, setDrafts] = useState<readonly ScopeDto[]>([]);
  const navigate = useNavigate();

  if (zones.status !== "known") return <NotYet answer={zones} what="your zones" />;
  if (answer.status !== "known") return <NotYet answer={answer} what="your menus" />;
  const table = zones.value;
  const all = answer.value.menus.menus;
  const names = new Map(all.map((menu) => [menu.id, menu.name]));
  const rows = withDrafts(table, drafts, copy);
  const title = pageOf(copy.tree, page).title;
  const choose = (zone: Zone, scope: ScopeDto, ofPage: boolean, byKey: boolean) => {
    setChosen({ zone, scope, ofPage, byKey, card: `${zone} ${ofPage ? page : scopeKey(scope)}` });
    const shown = ofPage ? page : pageWithin(copy.tree, scope, page);
    if (shown !== page) props.onPage(shown); // the preview goes to what is being changed
  };
  const isChosen = (zone: Zone, scope: ScopeDto, ofPage: boolean) =>
    chosen?.zone === zone &&
    chosen.ofPage === ofPage &&
    (ofPage || scopeKey(chosen.scope) === scopeKey(scope));
  const ownScope: ScopeDto =
    childrenOf(copy.tree, page).length > 0 && page !== copy.tree.home
      ? sectionScope(page)
      : pagesScope([page]);
  return (
    <Split
      whole={whole}
      desk={
        <section className="desk" aria-label="Zones">
          <div className="head">
            <h2>Zones</h2>
            <span>which menus are shown where, and on which pages</span>
          </div>
          <div className="zone-table-ground">
            <ZoneTable
              rows={rows}
              ofPage={table.page}
              title={title}
              names={names}
              isChosen={(zone, scope) => isChosen(zone, scope ?? ownScope, scope === null)}
              stopRef={stopRef}
              onChoose={(zone, scope, byKey) => choose(zone, scope ?? ownScope, scope === null, byKey)}
            />
            <Fits store={store} revision={copy.revision} table={table} page={page} title={title} />
            <RowsElsewhere revision={copy.revision} page={page} onPage={props.onPage} />
          </div>
          <div className="new-scope">
            <Editing>
              <Select
                showSearch
                optionFilterProp="label"
                aria-label="Add an exception for"
                placeholder="Add an exception for…"
                value={null}
                style={{ width: 320 }}
                onChange={(key: string) => {
                  const scope = scopesOf(copy).find((each) => scopeKey(each) === key);
                  if (scope) {
                    setDrafts([...drafts, scope]);
                    choose(chosen?.zone ?? "SIDEBAR", scope, false, true);
                  }
                }}
                options={scopesOf(copy).map((scope) => ({
                  value: scopeKey(scope),
                  label: capital(scopeName(copy, scope)),
                }))}
              />
            </Editing>
          </div>
        </section>
      }
      window={
        <WindowPane
          tree={copy.tree}
          page={page}
          moment={`${copy.revision} ${copy.release} ${copy.turns}`}
          path={pathTo(copy.tree, page).map((step) => pageOf(copy.tree, step).title)}
          whole={whole}
          pointed={null}
          nameOf={(at) => (at.menu === null ? null : (names.get(at.menu) ?? null))}
          onWhole={setWhole}
          onVisit={(visited) => {
            if (copy.tree.pages.has(visited)) props.onPage(visited);
          }}
          onPoint={(at) => void navigate(menusAddress(at))}
        />
      }
      card={
        chosen ? (
          <CellCard
            key={chosen.ofPage ? `${chosen.zone} ${page}` : chosen.card}
            copy={copy}
            store={store}
            table={table}
            page={page}
            zone={chosen.zone}
            scope={chosen.ofPage ? ownScope : chosen.scope}
            ofPage={chosen.ofPage}
            takesFocus={chosen.byKey}
            onScope={(scope) => {
              setDrafts(drafts.map((draft) => (scopeKey(draft) === scopeKey(chosen.scope) ? scope : draft)));
              setChosen({ ...chosen, scope });
            }}
            onLeave={() => stopRef.current?.focus()}
            menus={all}
          />
        ) : (
          <section className="card" aria-label="About zones">
            <h2>Where menus are shown</h2>
            <p className="sentence">
              Each row says for which pages, each column in which part of the page. A narrower row beats a
              wider one. Choose a cell to change it, by click or by arrow keys and Enter; the last row says
              what the page in the preview has.
            </p>
          </section>
        )
      }
    />
  );
}

/** Scopes that were asked for but hold nothing yet stand among the others until they do. */
function withDrafts(table: ZonesDto, drafts: readonly ScopeDto[], copy: WorkingCopy) {
  const there = new Set(table.rows.map((row) => scopeKey(row.scope)));
  return [
    ...table.rows,
    ...drafts
      .filter((scope) => !there.has(scopeKey(scope)))
      .map((scope) => ({ scope, name: scopeName(copy, scope), cells: [] as readonly AssignmentDto[] })),
  ];
}
