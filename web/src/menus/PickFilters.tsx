import { Button, Select } from "antd";
import { useMemo } from "react";
import type { PlacingDto } from "../api/client";
import { type Answer, ifKnown } from "../shared/answer";
import { type PageTree, pageOf, topicsOf } from "../working-copy/tree";

/** Which pages of the tree are offered, and in which order. */
export type PickFilter = {
  readonly inNoMenu: boolean;
  readonly newestFirst: boolean;
  /** Null for any. */
  readonly topic: string | null;
};

export const EVERY_PAGE: PickFilter = { inNoMenu: false, newestFirst: false, topic: null };

type Placings = Readonly<Record<string, PlacingDto>>;

/** @param placings undefined as long as it is not known which pages are in no menu */
export function picked(
  tree: PageTree,
  pages: readonly string[],
  { inNoMenu, newestFirst, topic }: PickFilter,
  placings: Placings | undefined,
): readonly string[] {
  const left = pages.filter(
    (page) =>
      (!inNoMenu || placings?.[page]?.unplaced) &&
      (topic === null || pageOf(tree, page).topics.includes(topic)),
  );
  const dateOf = (page: string) => pageOf(tree, page).date ?? "";
  return newestFirst ? left.toSorted((one, other) => dateOf(other).localeCompare(dateOf(one))) : left;
}

export function PickFilters(props: {
  readonly tree: PageTree;
  readonly only: PickFilter;
  readonly placings: Answer<Placings>;
  readonly onOnly: (only: PickFilter) => void;
}) {
  const { only, onOnly } = props;
  const placings = ifKnown(props.placings);
  const unplaced = placings && Object.values(placings).filter((placing) => placing.unplaced).length;
  const topics = useMemo(() => topicsOf(props.tree), [props.tree]);
  const toggle = (key: "inNoMenu" | "newestFirst", words: string) => (
    <Button
      size="small"
      type={only[key] ? "primary" : "default"}
      aria-pressed={only[key]}
      onClick={() => onOnly({ ...only, [key]: !only[key] })}
    >
      {words}
    </Button>
  );
  return (
    <div className="choices">
      {toggle("inNoMenu", `In no menu ${unplaced ?? "…"}`)}
      {toggle("newestFirst", "Newest first")}
      {topics.length > 0 && (
        <Select<string>
          size="small"
          aria-label="By topic"
          placeholder="Topic"
          allowClear
          popupMatchSelectWidth={false}
          value={only.topic}
          onChange={(topic) => onOnly({ ...only, topic: topic ?? null })}
          options={topics.map((topic) => ({ value: topic, label: topic }))}
        />
      )}
    </div>
  );
}
