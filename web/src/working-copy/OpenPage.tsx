import { Button } from "antd";
import type { WorkingCopy, WorkingCopyStore } from "./store";
import { pageOf } from "./tree";

/** Opens the page that an item leads to, where that is why nobody gets it. */
export function OpenPage(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly page: string;
}) {
  const { copy, store, page } = props;
  const reach = copy.tree.pages.get(page)?.reach;
  return (
    reach !== undefined &&
    reach !== "OPEN" && (
      <Button
        size="small"
        onClick={() => void store.change({ kind: "setReach", pages: [page], reach: "OPEN" })}
      >
        Open the page {pageOf(copy.tree, page).title}
      </Button>
    )
  );
}
