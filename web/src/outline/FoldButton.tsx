import { Button, Dropdown } from "antd";
import type { PageTree } from "../working-copy/tree";
import { foldedTo, levelsOf } from "./rows";
import type { Folding } from "./useFolding";

/** Levels that can be folded to by one choice. */
const OFFERED = 4;

/** Folds an outline to a level, or unfolds it all. */
export function FoldButton({
  folding,
  tree,
}: {
  readonly folding: Folding;
  readonly tree: Pick<PageTree, "children">;
}) {
  const levels = Math.min(levelsOf(tree) - 1, OFFERED);
  return (
    <Dropdown
      trigger={["click"]}
      autoFocus
      menu={{
        items: [
          { key: "0", label: "Unfold all" },
          ...Array.from({ length: levels }, (_, index) => ({
            key: String(index + 1),
            label: index === 0 ? "To the first level" : `To level ${index + 1}`,
          })),
        ],
        onClick: ({ key }) => folding.foldOnly(key === "0" ? [] : foldedTo(tree, Number(key))),
      }}
    >
      <Button size="small" disabled={levels < 1}>
        Fold
      </Button>
    </Dropdown>
  );
}
