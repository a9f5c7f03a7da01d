import { Select } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import type { ChangeDto, MenuDto, MenuRowDto } from "../api/client";
import { Group } from "../shared/Group";
import { KeptField } from "../shared/KeptField";
import { Problem } from "../shared/Problem";
import { OpenPage } from "../working-copy/OpenPage";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf } from "../working-copy/tree";
import { Arranged } from "./Arranged";
import { BlockFields } from "./BlockFields";
import { type ItemEdit, set } from "./deeds";
import { FileChoice } from "./FileChoice";
import { ItemPicture } from "./ItemPicture";
import { ListFields } from "./ListFields";
import { Look, Shows, ShowsTo, ShowsWhen } from "./Look";
import { MakeIt } from "./MakeIt";
import { isBehindWord, type MenuOutline, type Node } from "./outline";
import { PageChoice } from "./PageChoice";
import { PlaceChoice } from "./PlaceChoice";
import { StandsHere } from "./StandsHere";
import { WordsLook } from "./WordsLook";
import { asKind, titleOfBlock, whoSees } from "./words";

/** Everything about the selected item: what it is, where it leads, how it shows. */
export function ItemCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly node: Node;
  readonly row: MenuRowDto;
  readonly outline: MenuOutline;
  readonly menus: readonly MenuDto[];
  /** The page in the window. */
  readonly page: string;
}) {
  const { store, node, row } = props;
  const [problem, setProblem] = useState<string | null>(null);
  const send = async (...changes: ChangeDto[]): Promise<boolean> => {
    const result: Result = await store.change(...changes);
    setProblem(result.ok ? null : result.sentence);
    return result.ok;
  };
  const look = (edit: ItemEdit) => send(set([node], edit));
  const title = row.label || "The list";
  const block = titleOfBlock(row.kind.kind);
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
      <p className="sentence">
        {row.absence ?? `${whoSees(row)} it ${asKind(row.kind.kind)}.`}
        {signsOut(props.copy, row) && " Members who are signed in see “Sign out” instead."}
      </p>
      {row.kind.kind === "PAGE" && row.absence !== null && row.page !== null && (
        <OpenPage copy={props.copy} store={store} page={row.page} />
      )}
      <Problem sentence={problem} />
      <Group name="item-what" heading="What it is">
        <div className="fields">
          <label htmlFor="label">{block?.name ?? "Label"}</label>
          <span className="with-note">
            <KeptField
              id="label"
              value={row.ownLabel}
              placeholder={block?.none ?? (row.followed || "none")}
              onKeep={(label) => look({ label })}
            />
            {row.ownLabel !== "" && row.followed !== "" && !block && (
              <button type="button" className="plain" onClick={() => void look({ label: "" })}>
                follow “{row.followed}”
              </button>
            )}
          </span>
          <Leads {...props} send={send} />
        </div>
      </Group>
      <Group name="item-who" heading="Who sees it">
        <div className="fields">
          <Shows rows={[row]} onEdit={look} />
          <ShowsTo rows={[row]} onEdit={look} ofMembersPages={row.ofMembersPage} />
          <ShowsWhen rows={[row]} onEdit={look} />
        </div>
      </Group>
      {row.splices ? (
        <p className="hint">Its rows show here. Give it a label to make that their heading.</p>
      ) : (
        <Group name="item-how" folded heading="How it shows">
          <div className="fields">
            <Look rows={[row]} onEdit={look} leads={row.leads !== ""}>
              {(!block || isBehindWord(props.outline, node)) && (
                <WordsLook rows={[row]} onEdit={look}>
                  <ItemPicture {...props} rows={[row]} onEdit={look} />
                </WordsLook>
              )}
            </Look>
          </div>
          {!block && <Arranged {...props} nodes={[node]} onEdit={look} />}
        </Group>
      )}
      <StandsHere copy={props.copy} menu={node.menu} page={props.page} />
    </section>
  );
}

/** Whether it leads to the sign-in page and follows its title. */
function signsOut(copy: WorkingCopy, row: MenuRowDto): boolean {
  return (
    row.absence === null &&
    row.ownLabel === "" &&
    row.page !== null &&
    pageOf(copy.tree, row.page).kind === "SIGN_IN"
  );
}

/** How many levels of a page's subpages an item carries along. */
const carried = (levels: number) =>
  levels === 0 ? "not shown" : levels === 1 ? "1 level shown" : `${levels} levels shown`;

export type Sending = Parameters<typeof ItemCard>[0] & {
  /** In one edit. */
  readonly send: (...changes: ChangeDto[]) => Promise<boolean>;
};

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
          <label htmlFor="carries">Subpages</label>
          <Select
            id="carries"
            value={row.kind.carries ?? 0}
            onChange={(carries) =>
              void send({ kind: "setItemKind", item: row.item, to: { ...row.kind, carries } })
            }
            options={Array.from({ length: 5 }, (_, levels) => ({ value: levels, label: carried(levels) }))}
          />
        </>
      );
    case "PLACE":
      return <PlaceChoice key={row.item} {...props} />;
    case "CHANNELS":
    case "PHONE_OF_BUSINESS":
    case "MAIL_OF_BUSINESS":
      return (
        <>
          <span>Leads to</span>
          <span>
            {row.leads || "nothing yet"} <Link to="/business">typed on The business</Link>
          </span>
        </>
      );
    case "FILE":
      return <FileChoice {...props} />;
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
      return (
        <>
          <label htmlFor="shown-menu">Contains</label>
          <Select
            id="shown-menu"
            value={row.kind.menu}
            onChange={(menu) => void send({ kind: "setItemKind", item: row.item, to: { ...row.kind, menu } })}
            options={props.menus
              .filter((menu) => menu.id !== props.node.menu.id)
              .map((menu) => ({ value: menu.id, label: `All items of ${menu.name}` }))}
          />
        </>
      );
    case "HEADING":
    case "TEXT":
      return <MakeIt {...props} />;
    case "WORDS":
    case "PICTURE":
    case "SEARCH_FIELD":
    case "CONTACT_CARD":
    case "FORM_OF_PAGE":
    case "SUMMARY_OF_PAGE":
    case "POSITION_MAP":
      return <BlockFields {...props} />;
  }
}
