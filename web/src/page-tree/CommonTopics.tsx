import { Select } from "antd";
import { useMemo } from "react";
import type { ChangeDto } from "../api/client";
import type { WorkingCopy } from "../working-copy/store";
import { type Page, topicsOf } from "../working-copy/tree";

/** The topics that all of some pages have; those that only some have are said beside them. */
export function CommonTopics(props: {
  readonly copy: WorkingCopy;
  readonly pages: readonly Page[];
  readonly onChange: (change: ChangeDto) => void;
}) {
  const { copy, pages } = props;
  const topics = useMemo(() => topicsOf(copy.tree), [copy.tree]);
  const all = topics.filter((topic) => pages.every((page) => page.topics.includes(topic)));
  const some = topics.filter(
    (topic) => !all.includes(topic) && pages.some((page) => page.topics.includes(topic)),
  );
  const set = (add: string[], remove: string[]) =>
    props.onChange({ kind: "setTopics", pages: pages.map((page) => page.id), add, remove });
  return (
    <>
      <label htmlFor="topics">Topics</label>
      <span className="with-note">
        <Select
          id="topics"
          mode="tags"
          value={all}
          placeholder="none"
          maxCount={20}
          onSelect={(topic: string) => set([topic], [])}
          onDeselect={(topic: string) => set([], [topic])}
          options={topics.map((topic) => ({ value: topic, label: topic }))}
        />
        {some.length > 0 && <span className="hint">some also have {some.join(", ")}</span>}
      </span>
    </>
  );
}
