import { Button } from "antd";
import type { ChangeDto, RemedyDto } from "../api/client";
import { counted } from "../shared/counted";
import type { WorkingCopyStore } from "./store";
import { childrenOf, type PageTree, parentOf } from "./tree";

/** The edit that does what can be done about something that was told; none where that has gone meanwhile. */
export function remedied(tree: PageTree, remedy: RemedyDto): ChangeDto[] {
  const pages = remedy.pages.filter((page) => tree.pages.has(page));
  switch (remedy.kind) {
    case "OPEN":
      return pages.length === 0 ? [] : [{ kind: "setReach", pages, reach: "OPEN" }];
    case "MOVE_UP":
      return pages
        .filter((page) => childrenOf(tree, page).length > 0)
        .map((page) => ({
          kind: "movePages",
          pages: [...childrenOf(tree, page)],
          place: { parent: parentOf(tree, page), after: page },
        }));
  }
}

export function remedyWords(tree: PageTree, remedy: RemedyDto): string {
  const [first, ...others] = remedy.pages;
  switch (remedy.kind) {
    case "OPEN":
      return others.length === 0
        ? `Open ${tree.pages.get(first ?? "")?.title ?? "it"}`
        : counted(remedy.pages.length, "Open # page", "Open # pages");
    case "MOVE_UP":
      return others.length === 0 ? "Move its subpages up" : "Move their subpages up";
  }
}

/** Buttons for what can be done at once about something that was told, or would be. */
export function Remedies(props: {
  readonly tree: PageTree;
  readonly store: WorkingCopyStore;
  readonly remedies: readonly RemedyDto[];
  readonly onDone?: () => void;
}) {
  const { tree, store } = props;
  return props.remedies.map((remedy) => (
    <Button
      key={remedy.kind}
      size="small"
      // What is being typed keeps the focus.
      onMouseDown={(event) => event.preventDefault()}
      onClick={() => {
        void store.change(...remedied(tree, remedy));
        props.onDone?.();
      }}
    >
      {remedyWords(tree, remedy)}
    </Button>
  ));
}
