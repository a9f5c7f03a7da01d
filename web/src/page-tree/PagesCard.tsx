import { Segmented } from "antd";
import { useState } from "react";
import type { ChangeDto, Reach } from "../api/client";
import { namesOf } from "../outline/drop";
import { common, Mixed } from "../shared/Mixed";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { type Page, pageOf } from "../working-copy/tree";
import { LAYOUTS, REACHES } from "./options";
import { Placing } from "./Placing";

/** What several pages have in common, and what can be set for all of them at once. */
export function PagesCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly pages: readonly string[];
}) {
  const { copy, store, pages } = props;
  const [problem, setProblem] = useState<string | null>(null);
  const chosen = pages.map((id) => pageOf(copy.tree, id));
  const send = async (change: ChangeDto) => {
    const result = await store.change(change);
    setProblem(result.ok ? null : result.sentence);
  };
  return (
    <section className="card" aria-label={`About ${pages.length} pages`}>
      <h2>{pages.length} pages</h2>
      <p className="sentence">{namesOf(chosen.map((page) => page.title))}</p>
      <Problem sentence={problem} />
      <h3>Set for all of them</h3>
      <div className="fields">
        <span id="reach-label">Reach</span>
        <span className="with-note">
          <Segmented<string>
            aria-labelledby="reach-label"
            value={common(chosen, (page) => page.reach) ?? ""}
            onChange={(reach) => void send({ kind: "setReach", pages, reach: reach as Reach })}
            options={[...REACHES]}
          />
          <Mixed values={chosen.map((page) => page.reach)} />
        </span>
        <span id="layout-label">Layout</span>
        <span className="with-note">
          <Segmented<string>
            aria-labelledby="layout-label"
            value={common(chosen, (page) => page.layout) ?? ""}
            onChange={(layout) => void send({ kind: "setLayout", pages, layout: layout as Page["layout"] })}
            options={[...LAYOUTS]}
          />
          <Mixed values={chosen.map((page) => page.layout)} />
        </span>
      </div>
      <h3>Place them in a menu</h3>
      <Placing pages={pages} revision={copy.revision} onPlace={(change) => void send(change)} />
    </section>
  );
}
