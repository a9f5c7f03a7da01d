import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { ItemCard } from "./ItemCard";
import { ItemsCard } from "./ItemsCard";
import { MenuCard } from "./MenuCard";
import { MoveItems } from "./MoveItems";
import type { Node } from "./outline";
import { TreePick } from "./TreePick";
import type { Picking } from "./useMenuDeeds";
import type { Menus } from "./useMenus";

/** What is asked beside the outline; nothing, most of the time. */
export type Asked =
  | { readonly kind: "none" }
  | { readonly kind: "picking"; readonly picking: Picking }
  | { readonly kind: "moving"; readonly nodes: readonly Node[] };

/** The card beneath the window: what is asked, or else what can be said of the chosen rows. */
export function MenusCard(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly menus: Menus;
  readonly asked: Asked;
  readonly selected: Node | null;
  readonly several: readonly Node[];
  /** The page in the window. */
  readonly page: string;
  readonly onDone: () => void;
}) {
  const { copy, store, menus, asked, selected, several, page, onDone } = props;
  if (asked.kind === "picking") {
    const { place, menu, where } = asked.picking;
    return (
      <TreePick
        revision={copy.revision}
        tree={copy.tree}
        place={place}
        where={where}
        placed={new Set(menu.rows.map((row) => row.page).filter((each) => each !== null))}
        onPlace={async (change) => {
          const result = await store.change(change);
          if (result.ok) onDone();
          return result;
        }}
        onLeave={onDone}
      />
    );
  }
  if (asked.kind === "moving") {
    const { outline, at } = menus;
    return (
      <MoveItems
        copy={copy}
        store={store}
        outline={outline}
        outlineAt={at}
        moving={asked.nodes}
        onDone={onDone}
      />
    );
  }
  if (!selected) {
    return (
      <section className="card" aria-label="No menu">
        <h2>There is no menu yet</h2>
        <p className="sentence">“New menu” above the outline makes the first.</p>
      </section>
    );
  }
  const shared = { copy, store, page };
  const { outline } = menus;
  if (several.length > 1) {
    return (
      <ItemsCard key={selected.id} {...{ copy, store }} nodes={several} outline={outline} at={selected} />
    );
  }
  return selected.row ? (
    <ItemCard
      key={selected.id}
      {...shared}
      node={selected}
      row={selected.row}
      outline={outline}
      menus={menus.menus.menus}
    />
  ) : (
    <MenuCard key={selected.id} {...shared} menu={selected.menu} />
  );
}
