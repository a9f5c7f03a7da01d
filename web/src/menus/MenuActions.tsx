import type { OfferDto } from "../api/client";
import { Action } from "../outline/Action";
import { MovesAcross, MovesAlong } from "../outline/MoveActions";
import type { Move } from "../outline/moves";
import { FillButton } from "./FillButton";
import { type kindOfRows, listedPage, type Node } from "./outline";

/** What can be done to the selected row of a menu. */
export type Deed =
  | "below"
  | "under"
  | "label"
  | "hide"
  | "copy"
  | "remove"
  | "aside"
  | "freeze"
  | "detach"
  | "leaveOut"
  | "pick"
  | "wrap"
  | "moveTo";

export function MenuActions(props: {
  readonly node: Node;
  readonly title: string;
  /** Where several rows are chosen, what they are together; null for a mixture. */
  readonly several: ReturnType<typeof kindOfRows> | undefined;
  readonly may: (move: Move) => boolean;
  readonly onMove: (move: Move) => void;
  readonly onDo: (deed: Deed) => void;
  readonly onFill: (offer: OfferDto) => void;
}) {
  const { node, onDo } = props;
  const does = (deed: Deed) => ({ onClick: () => onDo(deed) });
  const row = node.row;
  const listed = listedPage(node) !== null;
  const moving = <MovesAcross what="row" may={props.may} onMove={props.onMove} />;
  const toTheBin = <Action label="Remove" hint="To the bin; never a page (Delete)" {...does("remove")} />;
  const leaving = (
    <>
      <Action label="Make it its own item" hint="It no longer follows the page tree" {...does("detach")} />
      <Action label="Remove" hint="The list no longer shows the page (Delete)" {...does("leaveOut")} />
    </>
  );
  const along = (
    <>
      <MovesAlong may={props.may} onMove={props.onMove} />
      <span className="then" />
    </>
  );
  const moveTo = <Action label="Move to…" hint="Choose where it goes (M)" {...does("moveTo")} />;
  return (
    <div className="actions" role="toolbar" aria-label="The selected row">
      <b title={props.title}>{props.title}</b>
      {props.several !== undefined ? (
        <>
          {moving}
          {along}
          {props.several && moveTo}
          <Action
            label="Hide"
            hint="Hide them, or show them again where all are hidden (H)"
            {...does("hide")}
          />
          {props.several === "items" && (
            <Action
              label="Group under…"
              hint="Put them under a new heading in their place (G)"
              {...does("wrap")}
            />
          )}
          {props.several !== "listed" && (
            <Action label="Copy" hint="Copy them with what is under them (Ctrl+D)" {...does("copy")} />
          )}
          {props.several === "listed" ? leaving : toTheBin}
        </>
      ) : !row ? (
        <>
          <Action label="+ item" hint="Add an item at its end (N)" {...does("under")} />
          <Action label="+ pages" hint="Choose many pages from the tree (P)" {...does("pick")} />
          <FillButton menu={node.menu.id} onChoose={props.onFill} />
          {along}
          {moveTo}
          <Action label="Rename" hint="Edit the name (Enter)" {...does("label")} />
          <Action label="Copy" hint="Copy it with all its items (Ctrl+D)" {...does("copy")} />
          <Action
            label={node.menu.setAside ? "Restore" : "Set aside"}
            hint={node.menu.setAside ? "Show it again where it was (H)" : "Keep it, but show it nowhere (H)"}
            {...does("aside")}
          />
          {toTheBin}
        </>
      ) : row.foreign ? (
        <span className="hint">It belongs to another menu; change it there.</span>
      ) : (
        <>
          <Action label="+ below" hint="Add an item below (N)" {...does("below")} />
          <Action label="+ under" hint="Add an item under it (N, then Tab)" {...does("under")} />
          <Action label="+ pages" hint="Choose many pages from the tree (P)" {...does("pick")} />
          <FillButton menu={node.menu.id} onChoose={props.onFill} />
          {moving}
          {along}
          {moveTo}
          <Action
            label="Rename"
            hint="Edit the label (Enter); empty follows the page again"
            {...does("label")}
          />
          <Action
            label={row.hidden ? "Show" : "Hide"}
            hint={row.hidden ? "Show it again, in the same place (H)" : "Hide it and what is under it (H)"}
            {...does("hide")}
          />
          {listed ? (
            leaving
          ) : (
            <>
              {row.kind.kind === "LIST" && (
                <Action
                  label="Make ordinary items"
                  hint="Its rows become items of their own"
                  {...does("freeze")}
                />
              )}
              <Action
                label="Group under…"
                hint="Put it under a new heading in its place (G)"
                {...does("wrap")}
              />
              <Action label="Copy" hint="Copy it with what is under it (Ctrl+D)" {...does("copy")} />
              {toTheBin}
            </>
          )}
        </>
      )}
    </div>
  );
}
