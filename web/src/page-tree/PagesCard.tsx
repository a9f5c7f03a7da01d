import { useState } from "react";
import type { ChangeDto, Reach } from "../api/client";
import { namesOf } from "../outline/drop";
import { Group } from "../shared/Group";
import { KeptField } from "../shared/KeptField";
import { CommonChoice, common } from "../shared/Mixed";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf } from "../working-copy/tree";
import { CommonTopics } from "./CommonTopics";
import { LayoutChoice } from "./LayoutChoice";
import { Lock } from "./Lock";
import { MembersOnly } from "./MembersOnly";
import { Model } from "./Model";
import { Opening } from "./Opening";
import { REACHES } from "./options";
import { Removing } from "./Removing";
import { SearchEngines } from "./SearchEngines";
import { AddManyTo } from "./ShownIn";

/** What several pages have in common, and what can be set for all of them at once. */
export function PagesCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly pages: readonly string[];
  readonly onRemoved: () => void;
}) {
  const { copy, store, pages } = props;
  const [problem, setProblem] = useState<string | null>(null);
  const chosen = pages.map((id) => pageOf(copy.tree, id));
  const send = async (change: ChangeDto) => {
    const result = await store.change(change);
    setProblem(result.ok ? null : result.sentence);
    return result.ok;
  };
  return (
    <section className="card" aria-label={`About ${pages.length} pages`}>
      <h2>{pages.length} pages</h2>
      <p className="sentence">{namesOf(chosen.map((page) => page.title))}</p>
      <Problem sentence={problem} />
      <Group name="pages-set" heading="Set for all of them">
        <div className="fields">
          <CommonChoice<Reach>
            id="reach-label"
            label="Reach"
            values={chosen.map((page) => page.reach)}
            options={REACHES}
            onChoose={(reach) => void send({ kind: "setReach", pages, reach })}
          />
          <MembersOnly pages={chosen} home={copy.tree.home} onChange={(change) => void send(change)} />
          <SearchEngines pages={chosen} onChange={(change) => void send(change)} />
          <LayoutChoice copy={copy} pages={chosen} onChange={(change) => void send(change)} />
          <CommonTopics copy={copy} pages={chosen} onChange={(change) => void send(change)} />
          <label htmlFor="date">Date</label>
          <span className="with-note">
            <KeptField
              id="date"
              type="date"
              value={common(chosen, (page) => page.date) ?? ""}
              onKeep={(date) => send({ kind: "setDate", pages, date: date || null })}
            />
            {common(chosen, (page) => page.date) === undefined && <span className="hint">mixed</span>}
          </span>
          <Model pages={chosen} onChange={(change) => void send(change)} />
          <Lock pages={chosen} onChange={(change) => void send(change)} />
        </div>
      </Group>
      <Opening pages={chosen} timeZone={copy.settings.timeZone} onChange={send} />
      <Group name="page-where" heading="Add them to a menu">
        <AddManyTo pages={pages} revision={copy.revision} onEdit={(change) => void send(change)} />
      </Group>
      <Removing copy={copy} pages={pages} answer={null} onChange={send} onRemoved={props.onRemoved} />
    </section>
  );
}
