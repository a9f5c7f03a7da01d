import { Button, Select } from "antd";
import { useState } from "react";
import { api, type ChangeDto, type TriedDto } from "../api/client";
import { PageChoice } from "../menus/PageChoice";
import { type Answer, Answered, useAnswer } from "../shared/answer";
import { counted } from "../shared/counted";
import { Group } from "../shared/Group";
import { newId } from "../shared/ids";
import type { WorkingCopy } from "../working-copy/store";
import { childrenOf, pageOf, parentOf } from "../working-copy/tree";
import { Lock } from "./Lock";

/** As it is where there is no page above. */
const NOWHERE = "Nowhere: it says that the page is gone";

type Leads = "PARENT" | "PAGE" | "NOWHERE";

/** What would follow from both ways, where it is known already: with subpages, and where these move up. */
export type Known = { readonly removal: TriedDto; readonly removalAlone: TriedDto | null };

/** Removing pages, with what else it would mean said before, and where their addresses shall lead. */
export function Removing(props: {
  readonly copy: WorkingCopy;
  readonly pages: readonly string[];
  /** While their addresses lead to where they were found; asked for here where it is not given. */
  readonly answer: Answer<Known | null> | null;
  /** Resolves to whether it was done. */
  readonly onChange: (change: ChangeDto) => Promise<boolean>;
  /** What was pressed is there no more. */
  readonly onRemoved: () => void;
}) {
  const { copy, pages } = props;
  const [leads, setLeads] = useState<Leads>("PARENT");
  const [page, setPage] = useState<string | null>(null);
  const subpages = pages.reduce((count, each) => count + childrenOf(copy.tree, each).length, 0);
  const known = pages.some((each) => copy.published.has(each));
  const change = (what: "GO_TOO" | "MOVE_UP", removal: string): ChangeDto => ({
    kind: "removePages",
    removal,
    pages: [...pages],
    subpages: what,
    leads: {
      kind: leads === "PAGE" && page === null ? "PARENT" : leads,
      page: leads === "PAGE" ? page : null,
    },
  });
  const remove = async (what: "GO_TOO" | "MOVE_UP") => {
    if (await props.onChange(change(what, newId()))) props.onRemoved();
  };
  const isUsual = leads === "PARENT" && props.answer !== null;
  const asked = useAnswer(
    ["removing", pages.join(","), leads, page ?? ""],
    copy.revision,
    async (signal) => {
      const would = (what: "GO_TOO" | "MOVE_UP") =>
        api.would(newId(), copy.revision, [change(what, newId())], signal);
      return {
        removal: await would("GO_TOO"),
        removalAlone: subpages > 0 ? await would("MOVE_UP") : null,
      };
    },
    { enabled: !isUsual, rest: 150 },
  );
  const answer: Answer<Known | null> = isUsual && props.answer ? props.answer : asked;
  const it = pages.length === 1 ? "this page" : `these ${pages.length} pages`;
  return (
    <Group name="page-removing" folded heading="Remove">
      <div className="fields">
        {pages.length === 1 && (
          <Lock
            pages={pages.map((each) => pageOf(copy.tree, each))}
            onChange={(change) => void props.onChange(change)}
          />
        )}
        {known && (
          <>
            <label htmlFor="leads-on">
              {pages.length === 1 ? "Its address leads to" : "Their addresses lead to"}
            </label>
            <span className="with-note">
              <Select<Leads>
                id="leads-on"
                value={leads}
                popupMatchSelectWidth={false}
                onChange={setLeads}
                options={[
                  { value: "PARENT", label: above(copy, pages) },
                  { value: "PAGE", label: "Another page…" },
                  ...(above(copy, pages) === NOWHERE ? [] : [{ value: "NOWHERE" as const, label: NOWHERE }]),
                ]}
              />
              {leads === "PAGE" && (
                <PageChoice
                  id="leads-on-page"
                  label="The page they lead to"
                  copy={copy}
                  value={page}
                  onChange={setPage}
                />
              )}
            </span>
          </>
        )}
      </div>
      <Answered answer={answer} what="what else would change">
        {(tried) =>
          tried && (
            <>
              <Way
                name={
                  subpages === 0
                    ? `Remove ${it}`
                    : `Remove with ${counted(subpages, "its subpage", pages.length === 1 ? "its # subpages" : "their # subpages")}`
                }
                tried={tried.removal}
                waits={leads === "PAGE" && page === null}
                onRemove={() => void remove("GO_TOO")}
              />
              {tried.removalAlone && (
                <Way
                  name="Remove, subpages move up"
                  tried={tried.removalAlone}
                  waits={leads === "PAGE" && page === null}
                  onRemove={() => void remove("MOVE_UP")}
                />
              )}
            </>
          )
        }
      </Answered>
    </Group>
  );
}

/** What the pages are under. */
function above(copy: WorkingCopy, pages: readonly string[]): string {
  const parents = new Set(pages.map((page) => parentOf(copy.tree, page)));
  const [parent = null] = parents;
  if (parents.size > 1) return "The pages they are under";
  return parent === null ? NOWHERE : pageOf(copy.tree, parent).title;
}

function Way(props: {
  readonly name: string;
  readonly tried: TriedDto;
  /** Whether a page is still to be chosen. */
  readonly waits: boolean;
  readonly onRemove: () => void;
}) {
  const { told, refused } = props.tried;
  const effects = told.slice(1).join(" ") || "Nothing else changes.";
  return (
    <div className="way-to-remove">
      <Button size="small" danger disabled={refused !== null || props.waits} onClick={props.onRemove}>
        {props.name}
      </Button>
      <span className="hint">{refused ?? `${effects} The bin keeps it.`}</span>
    </div>
  );
}
