import { Select } from "antd";
import { useMemo } from "react";
import { EVERYTHING, found, isAsking } from "../outline/asking";
import { FindLine } from "../outline/FindLine";
import { NothingFound } from "../outline/NothingFound";
import { rowsOf, withPaths } from "../outline/rows";
import { useAsking } from "../outline/useAsking";
import { childrenOf } from "../working-copy/tree";
import { type MenuOutline, nodeOf } from "./outline";
import { QUESTIONS, wordsOf } from "./questions";

export type LookingForItems = ReturnType<typeof useLookingForItems>;

/** What is looked for in the menus, and the rows that are left to show. */
export function useLookingForItems(outline: MenuOutline, folded: ReadonlySet<string>) {
  const [asking, setAsking] = useAsking("menus");
  const things = useMemo(() => [...outline.nodes.values()], [outline]);
  const matches = useMemo(
    () => (isAsking(asking) ? found(things, wordsOf, asking, QUESTIONS).map((node) => node.id) : null),
    [things, asking],
  );
  const rows = useMemo(() => {
    const above = (id: string) => nodeOf(outline, id).parent;
    return rowsOf(outline, folded, matches && withPaths(above, matches));
  }, [outline, folded, matches]);
  return { asking, setAsking, things, matches, rows };
}

/** Finds items by what they read and by what they have in common, and goes to a menu. */
export function MenuFinder(props: {
  readonly outline: MenuOutline;
  readonly looking: LookingForItems;
  readonly onLeave: () => void;
  readonly onGo: (menu: string) => void;
}) {
  const { outline, looking } = props;
  const menus = childrenOf(outline, null);
  return (
    <>
      <FindLine
        what="item"
        things={looking.things}
        questions={QUESTIONS}
        asking={looking.asking}
        onAsking={looking.setAsking}
        onLeave={props.onLeave}
      >
        <Select<string>
          aria-label="Go to a menu"
          className="go-to"
          placeholder="Go to…"
          showSearch
          optionFilterProp="label"
          popupMatchSelectWidth={false}
          value={null}
          onChange={props.onGo}
          options={menus.map((menu) => ({ value: menu, label: nodeOf(outline, menu).menu.name }))}
        />
      </FindLine>
      {looking.matches?.length === 0 && (
        <NothingFound what="item" onShowAll={() => looking.setAsking(EVERYTHING)} />
      )}
    </>
  );
}
