import { Segmented, Select } from "antd";
import { useMemo } from "react";
import type { ChangeDto, ListDto, MenuRowDto } from "../api/client";
import { RestoreIcon } from "../shared/icons";
import { KeptField } from "../shared/KeptField";
import type { WorkingCopy } from "../working-copy/store";
import { pageOf, topicsOf } from "../working-copy/tree";
import { PageChoice } from "./PageChoice";

/** What a list yields, in which order, and how much of it. */
export function ListFields({
  copy,
  row,
  send,
}: {
  readonly copy: WorkingCopy;
  readonly row: MenuRowDto;
  readonly send: (change: ChangeDto) => Promise<boolean>;
}) {
  const { list } = row.kind;
  const topics = useMemo(() => topicsOf(copy.tree), [copy.tree]);
  if (!list) return null;
  const flat = list.source === "OF_TOPIC" || list.source === "NEWEST";
  const change = (part: Partial<ListDto>) =>
    void send({ kind: "setItemKind", item: row.item, to: { ...row.kind, list: { ...list, ...part } } });
  return (
    <>
      <label htmlFor="source">Contains</label>
      <Select<ListDto["source"]>
        id="source"
        value={list.source}
        onChange={(source) =>
          change({
            source,
            page: source === "UNDER" ? (list.page ?? copy.tree.home) : null,
            topic: source === "OF_TOPIC" ? (list.topic ?? topics[0] ?? "") : null,
          })
        }
        options={[
          { value: "WHOLE_TREE", label: "The whole page tree" },
          { value: "UNDER", label: "What is under a page" },
          { value: "UNDER_VISITED", label: "What is under the visited page" },
          { value: "OF_TOPIC", label: "Pages of a topic", disabled: topics.length === 0 },
          { value: "NEWEST", label: "The newest pages" },
        ]}
      />
      {list.source === "OF_TOPIC" && (
        <>
          <label htmlFor="topic">Topic</label>
          <Select
            id="topic"
            showSearch
            value={list.topic}
            onChange={(topic) => change({ topic })}
            options={topics.map((topic) => ({ value: topic, label: topic }))}
          />
        </>
      )}
      {list.source === "UNDER" && (
        <>
          <label htmlFor="under">Page</label>
          <PageChoice id="under" copy={copy} value={list.page} onChange={(page) => change({ page })} />
        </>
      )}
      {!flat && (
        <>
          <label htmlFor="levels">Levels</label>
          <Select
            id="levels"
            value={list.levels}
            style={{ width: 70 }}
            onChange={(levels) => change({ levels })}
            options={Array.from({ length: 10 }, (_, index) => ({ value: index + 1, label: index + 1 }))}
          />
        </>
      )}
      <span id="order">Order</span>
      {list.source === "NEWEST" ? (
        <span>The newest first: by a page's date, or else by the day it was first published.</span>
      ) : (
        <Segmented<ListDto["order"]>
          aria-labelledby="order"
          value={list.order}
          onChange={(order) => change({ order })}
          options={[
            { value: "TREE", label: "As in the tree" },
            { value: "TITLE", label: "By title" },
            { value: "NEWEST", label: "Newest first" },
          ]}
        />
      )}
      <label htmlFor="at-most">At most</label>
      <KeptField
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
          <span>Removed from it</span>
          <span>
            {list.leftOut.map((page) => (
              <button
                key={page}
                type="button"
                className="plain"
                title="Restore it"
                onClick={() => change({ leftOut: list.leftOut.filter((other) => other !== page) })}
              >
                {copy.tree.pages.has(page) ? pageOf(copy.tree, page).title : "a page that is gone"}{" "}
                <RestoreIcon />
              </button>
            ))}
          </span>
        </>
      )}
    </>
  );
}
