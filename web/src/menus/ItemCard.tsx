import { Button, Checkbox, Segmented, Select } from "antd";
import { useState } from "react";
import type { ChangeDto, ListDto, MenuRowDto } from "../api/client";
import { KeptField } from "../shared/KeptField";
import { Problem } from "../shared/Problem";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { addressOf, pageOf } from "../working-copy/tree";
import { set } from "./deeds";
import { ICONS } from "./icons";
import type { Node } from "./outline";
import { KIND_WORDS } from "./words";

/** Everything about the selected item: what it is, where it leads, how it shows. */
export function ItemCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly node: Node;
  readonly row: MenuRowDto;
}) {
  const { store, node, row } = props;
  const [problem, setProblem] = useState<string | null>(null);
  const send = async (change: ChangeDto): Promise<boolean> => {
    const result: Result = await store.change(change);
    setProblem(result.ok ? null : result.sentence);
    return result.ok;
  };
  const look = (edit: Parameters<typeof set>[1]) => void send(set(node, edit));
  const title = row.label || "The list";
  if (row.foreign) {
    return (
      <section className="card" aria-label={`About ${title}`}>
        <h2>{title}</h2>
        <p className="sentence">It belongs to another menu that is shown here. Change it in that menu.</p>
      </section>
    );
  }
  return (
    <section className="card" aria-label={`About ${title}`}>
      <h2>{title}</h2>
      <p className="sentence">{row.absence ?? `Visitors see it as a ${KIND_WORDS[row.kind.kind]}.`}</p>
      {row.kind.kind === "PAGE" && row.absence !== null && <OpenPage {...props} send={send} />}
      <Problem sentence={problem} />
      <h3>What it is</h3>
      <div className="fields">
        <label htmlFor="label">Label</label>
        <span className="with-note">
          <KeptField
            key={row.ownLabel}
            id="label"
            value={row.ownLabel}
            placeholder={row.followed || "none"}
            onKeep={(label) => send(set(node, { label }))}
          />
          {row.ownLabel !== "" && row.followed !== "" && (
            <button type="button" className="plain" onClick={() => look({ label: "" })}>
              follow “{row.followed}”
            </button>
          )}
        </span>
        <Leads {...props} send={send} />
      </div>
      <h3>Who sees it</h3>
      <div className="fields">
        <span id="shows">Shows</span>
        <Segmented
          aria-labelledby="shows"
          value={row.hidden ? "hidden" : row.devices.length > 1 ? "everywhere" : row.devices[0]}
          onChange={(chosen) =>
            look(
              chosen === "hidden"
                ? { hidden: true }
                : {
                    hidden: false,
                    devices:
                      chosen === "everywhere" ? ["WIDE", "PHONE"] : [chosen === "WIDE" ? "WIDE" : "PHONE"],
                  },
            )
          }
          options={[
            { value: "everywhere", label: "Everywhere" },
            { value: "WIDE", label: "Wide screens" },
            { value: "PHONE", label: "Phones" },
            { value: "hidden", label: "Hidden" },
          ]}
        />
      </div>
      {row.splices ? (
        <p className="hint">
          Its rows stand in its place; each shows as it is set. With a label it heads them.
        </p>
      ) : (
        <Look {...props} send={send} />
      )}
    </section>
  );
}

type Sending = Parameters<typeof ItemCard>[0] & { readonly send: (change: ChangeDto) => Promise<boolean> };

/** Opens the page of an item that shows to nobody because its page is withheld. */
function OpenPage({ copy, row, send }: Sending) {
  const { page } = row;
  const reach = page === null ? undefined : copy.tree.pages.get(page)?.reach;
  return page !== null && reach !== undefined && reach !== "OPEN" ? (
    <Button size="small" onClick={() => void send({ kind: "setReach", pages: [page], reach: "OPEN" })}>
      Open the page {pageOf(copy.tree, page).title}
    </Button>
  ) : null;
}

/** How an item shows, for those that show by themselves. */
function Look({ node, row, send }: Sending) {
  const look = (edit: Parameters<typeof set>[1]) => void send(set(node, edit));
  return (
    <>
      <h3>How it shows</h3>
      <div className="fields">
        <span id="weight">Weight</span>
        <Segmented<MenuRowDto["weight"]>
          aria-labelledby="weight"
          value={row.weight}
          onChange={(weight) => look({ weight })}
          options={[
            { value: "PLAIN", label: "Plain" },
            { value: "STRONG", label: "Strong" },
            { value: "BUTTON", label: "Button" },
          ]}
        />
        <label htmlFor="icon">Icon</label>
        <span className="with-note">
          <Select
            id="icon"
            value={row.icon}
            showSearch
            style={{ width: 130 }}
            onChange={(icon) => look({ icon })}
            options={[{ value: "", label: "none" }, ...ICONS.map((icon) => ({ value: icon, label: icon }))]}
          />
          <Checkbox
            checked={row.iconAlone}
            disabled={row.icon === ""}
            onChange={(event) => look({ iconAlone: event.target.checked })}
          >
            alone
          </Checkbox>
        </span>
        <span>Place</span>
        <span className="with-note">
          <Checkbox checked={row.farEnd} onChange={(event) => look({ farEnd: event.target.checked })}>
            At the far end of a row
          </Checkbox>
          {row.leads !== "" && (
            <Checkbox checked={row.newTab} onChange={(event) => look({ newTab: event.target.checked })}>
              In a new tab
            </Checkbox>
          )}
        </span>
        <label htmlFor="note">Note</label>
        <KeptField
          key={row.note}
          id="note"
          value={row.note}
          placeholder="a short line beneath; none"
          onKeep={(note) => send(set(node, { note }))}
        />
      </div>
    </>
  );
}

function Leads(props: Sending) {
  const { copy, row, send } = props;
  switch (row.kind.kind) {
    case "WEB_LINK":
    case "MAIL":
    case "PHONE":
      return (
        <>
          <label htmlFor="leads">Leads to</label>
          <KeptField
            key={row.kind.address}
            id="leads"
            value={row.kind.address ?? ""}
            placeholder=""
            onKeep={(address) => send({ kind: "setItemKind", item: row.item, to: { ...row.kind, address } })}
          />
        </>
      );
    case "PAGE":
      return (
        <>
          <label htmlFor="leads">Leads to</label>
          <PageChoice
            id="leads"
            copy={copy}
            value={row.page}
            onChange={(page) => void send({ kind: "setItemKind", item: row.item, to: { ...row.kind, page } })}
          />
        </>
      );
    case "LIST":
      return <ListFields {...props} />;
    case "LISTED":
      return (
        <>
          <span>Leads to</span>
          <span>
            {row.leads} <span className="hint">its page; moving the row moves the page</span>
          </span>
        </>
      );
    case "OTHER_MENU":
    case "HEADING":
    case "TEXT":
      return null;
  }
}

function PageChoice(props: {
  readonly id: string;
  readonly copy: WorkingCopy;
  readonly value: string | null;
  readonly onChange: (page: string) => void;
}) {
  const { tree } = props.copy;
  return (
    <Select
      id={props.id}
      showSearch
      optionFilterProp="label"
      value={props.value}
      onChange={props.onChange}
      options={[...tree.pages.keys()].map((page) => ({
        value: page,
        label: `${pageOf(tree, page).title} ${addressOf(tree, page)}`,
      }))}
    />
  );
}

function ListFields({ copy, row, send }: Sending) {
  const { list } = row.kind;
  if (!list) return null;
  const change = (part: Partial<ListDto>) =>
    void send({ kind: "setItemKind", item: row.item, to: { ...row.kind, list: { ...list, ...part } } });
  return (
    <>
      <span id="source">Yields</span>
      <Segmented<ListDto["source"]>
        aria-labelledby="source"
        value={list.source}
        onChange={(source) =>
          change({ source, page: source === "UNDER" ? (list.page ?? copy.tree.home) : null })
        }
        options={[
          { value: "WHOLE_TREE", label: "The whole tree" },
          { value: "UNDER", label: "Under a page" },
          { value: "UNDER_VISITED", label: "Under the visited page" },
        ]}
      />
      {list.source === "UNDER" && (
        <>
          <label htmlFor="under">Page</label>
          <PageChoice id="under" copy={copy} value={list.page} onChange={(page) => change({ page })} />
        </>
      )}
      <label htmlFor="levels">Levels</label>
      <span className="with-note">
        <Select
          id="levels"
          value={list.levels}
          style={{ width: 70 }}
          onChange={(levels) => change({ levels })}
          options={Array.from({ length: 10 }, (_, index) => ({ value: index + 1, label: index + 1 }))}
        />
        <Segmented<ListDto["order"]>
          aria-label="Order"
          value={list.order}
          onChange={(order) => change({ order })}
          options={[
            { value: "TREE", label: "As in the tree" },
            { value: "TITLE", label: "By title" },
          ]}
        />
      </span>
      <label htmlFor="at-most">At most</label>
      <KeptField
        key={String(list.atMost)}
        id="at-most"
        value={list.atMost === null ? "" : String(list.atMost)}
        placeholder="all rows"
        onKeep={async (typed) => {
          const atMost = Number.parseInt(typed, 10);
          change({ atMost: atMost > 0 ? atMost : null });
          return true;
        }}
      />
      {list.leftOut.length > 0 && (
        <>
          <span>Left out</span>
          <span>
            {list.leftOut.map((page) => (
              <button
                key={page}
                type="button"
                className="plain"
                title="Take it in again"
                onClick={() => change({ leftOut: list.leftOut.filter((other) => other !== page) })}
              >
                {copy.tree.pages.has(page) ? pageOf(copy.tree, page).title : "a page that is gone"} ×
              </button>
            ))}
          </span>
        </>
      )}
    </>
  );
}
