import { Button, Select } from "antd";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import type { ChangeDto } from "../api/client";
import { TitleField } from "../outline/TitleField";
import { counted } from "../shared/counted";
import { LedgerHead } from "../shared/LedgerHead";
import type { Result, WorkingCopy } from "../working-copy/store";
import { topicCounts } from "../working-copy/tree";

/** Every topic with its pages: renamed, merged into another, removed, each as one edit. */
export function Topics(props: {
  readonly copy: WorkingCopy;
  readonly mayEdit: boolean;
  readonly onChange: (change: ChangeDto) => Promise<Result>;
}) {
  const { copy, mayEdit, onChange } = props;
  const counts = useMemo(() => topicCounts(copy.tree), [copy.tree]);
  /** The topic whose name is being typed. */
  const [renaming, setRenaming] = useState<string | null>(null);
  const rename = (topic: string) => async (name: string) => {
    const result = await onChange({ kind: "renameTopic", topic, name });
    if (result.ok) setRenaming(null);
    return result;
  };
  return (
    <>
      <div className="head">
        <h3 id="topics-heading">Topics</h3>
        <span>each has a listing of its pages, filled by itself</span>
      </div>
      {counts.size === 0 ? (
        <p>
          No page has a topic yet. Give one to a page on its card in <Link to="/pages">Pages</Link>.
        </p>
      ) : (
        <table aria-labelledby="topics-heading">
          <LedgerHead columns={[counted(counts.size, "# topic", "# topics"), "Pages"]} last="Change it" />
          <tbody>
            {[...counts].map(([topic, pages]) => (
              <tr key={topic}>
                <th scope="row" className="sorted-by">
                  {renaming === topic ? (
                    <TitleField
                      label={`Name of the topic ${topic}`}
                      initial={topic}
                      onKeep={rename(topic)}
                      onLeave={() => setRenaming(null)}
                    />
                  ) : (
                    topic
                  )}
                </th>
                <td>{counted(pages, "# page", "# pages")}</td>
                <td>
                  {mayEdit && (
                    <span className="row-actions">
                      <Button size="small" aria-label={`Rename ${topic}`} onClick={() => setRenaming(topic)}>
                        Rename
                      </Button>
                      {counts.size > 1 && (
                        <Select
                          size="small"
                          className="merge"
                          aria-label={`Merge ${topic} into`}
                          placeholder="Merge into…"
                          value={null}
                          popupMatchSelectWidth={false}
                          onSelect={(name: string | null) =>
                            name !== null && void onChange({ kind: "renameTopic", topic, name })
                          }
                          options={[...counts.keys()]
                            .filter((other) => other !== topic)
                            .map((other) => ({ value: other, label: other }))}
                        />
                      )}
                      <Button
                        size="small"
                        aria-label={`Remove ${topic}`}
                        onClick={() => void onChange({ kind: "removeTopic", topic })}
                      >
                        Remove
                      </Button>
                    </span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
