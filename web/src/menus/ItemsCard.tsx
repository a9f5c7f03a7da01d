import { Button } from "antd";
import { useState } from "react";
import { namesOf } from "../outline/drop";
import { Group } from "../shared/Group";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { Arranged } from "./Arranged";
import { type ItemEdit, set } from "./deeds";
import { titleOf } from "./ItemCell";
import { ItemPicture } from "./ItemPicture";
import { Look, Shows, ShowsTo, ShowsWhen } from "./Look";
import type { MenuOutline, Node } from "./outline";
import { WordsLook } from "./WordsLook";

/** What several items have in common, and what can be set for all of them at once. */
export function ItemsCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly outline: MenuOutline;
  readonly nodes: readonly Node[];
  /** The row that was chosen last, which the others can be made like. */
  readonly at: Node;
}) {
  const { store, at } = props;
  const [problem, setProblem] = useState<string | null>(null);
  const nodes = props.nodes.filter((node) => node.row !== null && !node.row.foreign);
  const rows = nodes.flatMap((node) => node.row ?? []);
  const edit = async (part: ItemEdit) => {
    const result = await store.change(set(nodes, part));
    setProblem(result.ok ? null : result.sentence);
    return result.ok;
  };
  const like = at.row;
  return (
    <section className="card" aria-label={`About ${props.nodes.length} rows`}>
      <h2>{props.nodes.length} rows</h2>
      <p className="sentence">{namesOf(props.nodes.map((node) => titleOf(node) || "the list"))}</p>
      <Problem sentence={problem} />
      {rows.length > 0 && (
        <>
          <Group name="item-who" heading="Who sees them">
            <div className="fields">
              <Shows rows={rows} onEdit={edit} />
              <ShowsTo rows={rows} onEdit={edit} ofMembersPages={rows.every((row) => row.ofMembersPage)} />
              <ShowsWhen rows={rows} onEdit={edit} />
            </div>
          </Group>
          <Group name="item-how" folded heading="How they show">
            <div className="fields">
              <Look rows={rows} onEdit={edit} leads={rows.some((row) => row.leads !== "")}>
                <WordsLook rows={rows} onEdit={edit}>
                  <ItemPicture {...props} rows={rows} onEdit={edit} />
                </WordsLook>
              </Look>
            </div>
            <Arranged {...props} nodes={nodes} onEdit={edit} />
          </Group>
          {like && nodes.includes(at) && (
            <div className="choices">
              <Button
                size="small"
                title="Weight, accent, icon, picture, position, tab, word to search engines, note and arrangement as it has them"
                onClick={() =>
                  void edit({
                    weight: like.weight,
                    icon: like.icon,
                    iconAlone: like.iconAlone,
                    picture: like.picture ?? "",
                    farEnd: like.farEnd,
                    newTab: like.newTab,
                    note: like.note,
                    accent: like.accent,
                    relation: like.relation,
                    arrangement: like.arrangement,
                    panel: like.panel,
                  })
                }
              >
                All like {like.label || "the list"}
              </Button>
            </div>
          )}
        </>
      )}
      {rows.length < props.nodes.length && (
        <p className="hint">These settings do not go for menus and rows of other menus.</p>
      )}
    </section>
  );
}
