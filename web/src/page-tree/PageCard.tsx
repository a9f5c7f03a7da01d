import { useQuery } from "@tanstack/react-query";
import { Select } from "antd";
import { useMemo, useState } from "react";
import { api, type Reach } from "../api/client";
import { Group } from "../shared/Group";
import { KeptField } from "../shared/KeptField";
import { CommonChoice } from "../shared/Mixed";
import { Problem } from "../shared/Problem";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { addressAbove, isBuiltIn, type Page, pageOf, topicsOf } from "../working-copy/tree";
import { Findings } from "./Findings";
import { MembersOnly } from "./MembersOnly";
import { Opening } from "./Opening";
import { BUILT_IN, LAYOUTS, REACHES } from "./options";
import { Removing } from "./Removing";
import { SearchEngines } from "./SearchEngines";
import { Whereabouts } from "./Whereabouts";

/** Everything about the selected page: who can reach it, in one sentence, and what decides that. */
export function PageCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly page: string;
}) {
  const { copy, store, page: id } = props;
  const page = pageOf(copy.tree, id);
  const isHome = copy.tree.home === id;
  /** Why it cannot be withheld. */
  const always = isHome
    ? "Open; the home page always is."
    : page.kind === "NOT_FOUND"
      ? "Always there."
      : page.kind === "SIGN_IN"
        ? "Open, so that members can come in."
        : null;
  const [problem, setProblem] = useState<string | null>(null);
  const topics = useMemo(() => topicsOf(copy.tree), [copy.tree]);
  const reach = useQuery({
    queryKey: ["reach", id, copy.revision],
    queryFn: () => api.reach(id),
    placeholderData: (previous) => previous,
  });
  const take = async (result: Promise<Result>) => {
    const taken = await result;
    setProblem(taken.ok ? null : taken.sentence);
    return taken.ok;
  };
  return (
    <section className="card" aria-label={`About ${page.title}`}>
      <h2>{page.title}</h2>
      {isBuiltIn(page) && <p className="hint">Built-in page, on every site: {BUILT_IN[page.kind]}.</p>}
      <p className="sentence">{reach.data?.sentence ?? " "}</p>
      <Findings page={id} revision={copy.revision} />
      <Group name="page-address" heading="Address and reach">
        <div className="fields">
          <label htmlFor="slug">Address</label>
          <span className="slug">
            <KeptField
              id="slug"
              value={page.slug}
              hint="Empty: follows the title"
              before={<span className="above">{addressAbove(copy.tree, id)}</span>}
              onKeep={(slug) =>
                take(store.change({ kind: "setSlug", page: id, slug: slug === "" ? null : slug }))
              }
            />
            <span className="hint">
              {isHome
                ? "its own address is /"
                : copy.published.has(id)
                  ? "public"
                  : page.slugFollows
                    ? "follows the title"
                    : "never public yet"}
            </span>
          </span>
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
          <CommonChoice<Page["layout"]>
            id="layout-label"
            label="Layout"
            values={[page.layout]}
            options={LAYOUTS}
            onChoose={(layout) => void take(store.change({ kind: "setLayout", pages: [id], layout }))}
          />
          {!isBuiltIn(page) && (
            <>
              <label htmlFor="topics">Topics</label>
              <Select
                id="topics"
                mode="tags"
                value={[...page.topics]}
                placeholder="none"
                maxCount={20}
                onSelect={(topic: string) =>
                  void take(store.change({ kind: "setTopics", pages: [id], add: [topic], remove: [] }))
                }
                onDeselect={(topic: string) =>
                  void take(store.change({ kind: "setTopics", pages: [id], add: [], remove: [topic] }))
                }
                options={topics.map((topic) => ({ value: topic, label: topic }))}
              />
              <label htmlFor="date">Date</label>
              <KeptField
                id="date"
                type="date"
                value={page.date ?? ""}
                onKeep={(date) => take(store.change({ kind: "setDate", pages: [id], date: date || null }))}
              />
            </>
          )}
          {page.summary && (
            <>
              <span>Summary</span>
              <span>{page.summary}</span>
            </>
          )}
        </div>
      </Group>
      {!always && (
        <Opening pages={[page]} timeZone={copy.timeZone} onChange={(change) => take(store.change(change))} />
      )}
      <Problem sentence={problem} />
      <Whereabouts page={id} revision={copy.revision} onPlace={(change) => void take(store.change(change))} />
      {!isHome && !isBuiltIn(page) && (
        <Removing copy={copy} page={id} onChange={(change) => void take(store.change(change))} />
      )}
    </section>
  );
}
