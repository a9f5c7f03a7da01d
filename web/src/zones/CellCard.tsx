import { Segmented } from "antd";
import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import type { MenuDto, PlacedDto, SaysDto, ScopeDto, Zone, ZonesDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import { newId } from "../shared/ids";
import { Problem } from "../shared/Problem";
import { useAsked } from "../shared/useAsked";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { MenuList } from "./MenuList";
import { ScopePages } from "./ScopePages";
import { added, around, instead, type Part, saysOf, withPart } from "./says";
import { type ScopeChoice, scopeKey, scopeName, scopesAt } from "./scopes";
import { useSaying } from "./useZones";

/** What a zone says for a scope. */
type Said = { readonly key: string; readonly says: SaysDto | null };
type Edit = (says: SaysDto | null) => SaysDto | null;

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
  const say = useSaying(store);
  const key = scopeKey(scope);
  const known: Said = { key, says: saysOf(table, zone, scope) };
  // What was chosen shows before its answer comes; what is sent is an edit of what is there then, whoever put it there.
  const [shown, ask] = useAsked(known, async (_: Said, edit: Edit) => {
    const result = await say(zone, scope, edit);
    setProblem(result.ok ? null : result.sentence);
    return result.ok;
  });
  const { says } = shown.key === key ? shown : known;
  /** What was chosen where nothing is said yet. */
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

  const send = (edit: Edit) => ask({ key, says: edit(says) }, edit);
  const partOf = (part: Part): readonly PlacedDto[] => says?.[part] ?? [];
  const change = (next: Mode) => {
    setWanted(next);
    if (next === "wider") void send(() => null);
    else if (next === "instead") void send(() => instead([]));
    else if (says !== null) void send((now) => around([], now?.menus ?? []));
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
      onMake={async (name) => {
        const menu = newId();
        const after = menus.at(-1)?.id ?? null;
        const made = await store.change({ kind: "addMenu", menu, after, name });
        setProblem(made.ok ? null : made.sentence);
        if (made.ok) await send((now) => withPart(now, part, (there) => added(there, menu)));
        return made.ok;
      }}
    />
  );
  return (
    <section
      className="card"
      aria-label={`${ZONE_WORDS[zone]} of ${scopeName(copy, scope)}`}
      onKeyDown={onKeyDown}
    >
      <h2 ref={heading} tabIndex={-1}>
        {ZONE_WORDS[zone]} of {scopeName(copy, scope)}
      </h2>
      {props.ofPage && (
        <ForWhat
          why={why}
          choices={scopesAt(copy.tree, page)}
          scope={scope}
          onScope={(next) => {
            setScope(next);
            setWanted(null);
          }}
        />
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
      {!everywhere && <ModeChoice mode={mode} onMode={change} />}
      {mode === "around" ? (
        <>
          {list("before", "Before")}
          {list("after", "After")}
        </>
      ) : (
        list(
          "menus",
          mode === "instead" && partOf("menus").length === 0 && !everywhere
            ? "No menu is shown here"
            : "Shown here",
        )
      )}
      {TUNED[zone] && (
        <p className="hint">
          {TUNED[zone]} is set for the whole site in <Link to="/looks">Looks</Link>, under Tuning.
        </p>
      )}
    </section>
  );
}

/** What is tuned of a zone, wherever menus stand in it. */
const TUNED: Partial<Record<Zone, string>> = {
  HEADER: "Whether the header stays in sight",
  SIDEBAR: "How wide it is",
  BESIDE: "How wide it is",
};

function ModeChoice(props: { readonly mode: Mode; readonly onMode: (mode: Mode) => void }) {
  return (
    <div className="fields">
      <span id="mode">On these pages</span>
      <Segmented<Mode>
        aria-labelledby="mode"
        value={props.mode}
        onChange={props.onMode}
        options={[
          { value: "wider", label: "As usual" },
          { value: "instead", label: "Instead of usual" },
          { value: "around", label: "Before or after" },
        ]}
      />
    </div>
  );
}

/** Why the page has what it has, and for which pages that is to change. */
function ForWhat(props: {
  readonly why: readonly string[];
  readonly choices: readonly ScopeChoice[];
  readonly scope: ScopeDto;
  readonly onScope: (scope: ScopeDto) => void;
}) {
  return (
    <>
      <ul className="why">
        {props.why.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      <div className="fields">
        <span id="scope">Change it for</span>
        <Segmented
          aria-labelledby="scope"
          value={scopeKey(props.scope)}
          onChange={(key) => {
            const next = props.choices.find((each) => scopeKey(each.scope) === key)?.scope;
            if (next) props.onScope(next);
          }}
          options={props.choices.map(({ scope, label }) => ({ value: scopeKey(scope), label }))}
        />
      </div>
    </>
  );
}
