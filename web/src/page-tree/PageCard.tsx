import { Button } from "antd";
import { useState } from "react";
import { api, type Reach, type RemedyDto } from "../api/client";
import { PictureChoice } from "../files/PictureChoice";
import { Answered, derived, useAnswer } from "../shared/answer";
import { Group } from "../shared/Group";
import { CommonChoice } from "../shared/Mixed";
import { Problem } from "../shared/Problem";
import { WhatFollows } from "../shared/WhatFollows";
import { Remedies } from "../working-copy/remedies";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { isBuiltIn, pageOf } from "../working-copy/tree";
import { AddressField } from "./AddressField";
import { EnquiryForm } from "./EnquiryForm";
import { Findings, FindingsCount } from "./Findings";
import { InSearch } from "./InSearch";
import { MembersOnly } from "./MembersOnly";
import { Opening } from "./Opening";
import { BUILT_IN, REACHES } from "./options";
import { PageProperties } from "./PageProperties";
import { Removing } from "./Removing";
import { SearchEngines } from "./SearchEngines";
import { ShownIn } from "./ShownIn";
import { useFindings } from "./useFindings";

/** Milliseconds that a selection has to rest before the server is asked about it; the preview comes first. */
const REST = 150;

/** Everything about the selected page: who can reach it, in one sentence, and what decides that. */
export function PageCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly page: string;
  /** Begins to write on it; null where somebody does. */
  readonly onWrite: (() => void) | null;
  readonly onRemoved: () => void;
}) {
  const { copy, store, page: id } = props;
  const page = pageOf(copy.tree, id);
  const always = whyAlwaysOpen(copy, id);
  const [problem, setProblem] = useState<string | null>(null);
  const card = useAnswer(
    ["card", id],
    `${copy.revision} ${copy.turns}`,
    (signal) => api.pageCard(id, signal),
    {
      rest: REST,
    },
  );
  const findings = derived(useFindings(copy.revision), (all) => all.filter((finding) => finding.page === id));
  const take = async (result: Promise<Result>) => {
    const taken = await result;
    setProblem(taken.ok ? null : taken.sentence);
    return taken.ok;
  };
  const movingUp = (remedies: readonly RemedyDto[]) => (
    <Remedies
      tree={copy.tree}
      store={store}
      remedies={remedies.filter((remedy) => remedy.kind === "MOVE_UP")}
    />
  );
  return (
    <section className="card" aria-label={`About ${page.title}`}>
      <div className="card-head">
        <h2>{page.title}</h2>
        {props.onWrite && page.kind === "PAGE" && (
          <Button size="small" onClick={props.onWrite}>
            Write
          </Button>
        )}
        <FindingsCount findings={findings} />
      </div>
      {isBuiltIn(page) && <p className="hint">Built-in page, on every site: {BUILT_IN[page.kind]}.</p>}
      <div className="says-who">
        <Answered answer={card} what="who can reach it">
          {(known) => <p className="sentence">{known?.reach ?? "This page is gone."}</p>}
        </Answered>
      </div>
      <Problem sentence={problem} />
      <Group name="page-address" heading="Address and reach">
        <div className="fields">
          <AddressField
            copy={copy}
            page={id}
            card={card}
            onKeep={(slug) => take(store.change({ kind: "setSlug", page: id, slug }))}
          />
          {always ? (
            <>
              <span>Reach</span>
              <span>{always}</span>
            </>
          ) : (
            <CommonChoice<Reach>
              id="reach-label"
              label="Reach"
              values={[page.reach]}
              options={REACHES}
              onChoose={(chosen) => void take(store.change({ kind: "setReach", pages: [id], reach: chosen }))}
            />
          )}
          <MembersOnly
            pages={[page]}
            home={copy.tree.home}
            onChange={(change) => void take(store.change(change))}
          />
          <SearchEngines pages={[page]} onChange={(change) => void take(store.change(change))} />
        </div>
        {!always &&
          REACHES.map(({ value, label }) => (
            <WhatFollows
              key={value}
              choice={label}
              answer={derived(card, (known) => known?.reaches[value])}
              before={movingUp}
            />
          ))}
        {!page.membersOnly && (
          <WhatFollows
            choice="Members only"
            answer={derived(card, (known) => known?.members ?? undefined)}
            before={movingUp}
          />
        )}
      </Group>
      {page.kind === "PAGE" && (
        <Group name="page-picture" folded={page.picture === null} heading="Picture">
          <PictureChoice
            id="page-picture"
            label="Picture"
            copy={copy}
            store={store}
            value={page.picture}
            onChoose={(picture) => take(store.change({ kind: "setPicture", pages: [id], picture }))}
            onChange={(change) => take(store.change(change))}
          />
        </Group>
      )}
      <Group name="page-where" heading="Shown in">
        <Answered answer={card} what="the menus that show it">
          {(known) =>
            known && (
              <ShownIn
                page={id}
                where={known.where}
                linkedFrom={known.linkedFrom.flatMap((from) => {
                  const linking = copy.tree.pages.get(from);
                  return linking ? [{ id: from, title: linking.title }] : [];
                })}
                placeable={known.placeable}
                onEdit={(change) => void take(store.change(change))}
              />
            )
          }
        </Answered>
      </Group>
      {!always && (
        <Opening
          pages={[page]}
          timeZone={copy.settings.timeZone}
          whileClosed={
            <WhatFollows
              choice="While it is closed"
              answer={derived(card, (known) => known?.closed)}
              before={movingUp}
            />
          }
          onChange={(change) => take(store.change(change))}
        />
      )}
      {page.kind === "PAGE" && (
        <EnquiryForm key={id} page={page} onChange={(change) => store.change(change)} />
      )}
      {page.kind === "PAGE" && (
        <InSearch copy={copy} page={page} onChange={(change) => take(store.change(change))} />
      )}
      <Findings findings={findings} />
      <PageProperties copy={copy} page={page} onChange={(change) => take(store.change(change))} />
      {copy.tree.home !== id && !isBuiltIn(page) && (
        <Removing
          copy={copy}
          pages={[id]}
          answer={card}
          onChange={(change) => take(store.change(change))}
          onRemoved={props.onRemoved}
        />
      )}
    </section>
  );
}

/** Why it cannot be withheld; null where it can. */
function whyAlwaysOpen(copy: WorkingCopy, id: string): string | null {
  if (copy.tree.home === id) return "Open; the home page always is.";
  switch (pageOf(copy.tree, id).kind) {
    case "NOT_FOUND":
      return "Always there.";
    case "SIGN_IN":
      return "Open, so that members can come in.";
    default:
      return null;
  }
}
