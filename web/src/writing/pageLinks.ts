import { autocompletion, type CompletionContext, type CompletionResult } from "@codemirror/autocomplete";
import { type Extension, Facet, StateEffect } from "@codemirror/state";
import {
  Decoration,
  type DecorationSet,
  EditorView,
  MatchDecorator,
  ViewPlugin,
  type ViewUpdate,
  WidgetType,
} from "@codemirror/view";
import { matching } from "../shared/matching";
import { type PageTree, pageOf, pathTo } from "../working-copy/tree";

/** The page tree as it is now; what is written about pages follows it. */
export const pagesOf = Facet.define<() => PageTree, () => PageTree>({ combine: (all) => all[0] ?? noPages });

/** Says that the page tree is another. */
export const pagesChanged = StateEffect.define<null>();

function noPages(): PageTree {
  throw new Error("the editor was not given the page tree");
}

/** A link to a page as it is written: its words, the page, a place on it. */
const PAGE_LINK = /\[([^[\]\n]{0,400})\]\(page:([A-Za-z0-9_-]{1,60})([#?][^\s()]*)?\)/g;

/** The page that a link leads to, in the place of how it is written. */
class PageName extends WidgetType {
  constructor(
    private readonly title: string | null,
    private readonly place: string,
    /** Whether the link shows the title, having no words of its own. */
    private readonly alone: boolean,
  ) {
    super();
  }

  override eq(other: PageName): boolean {
    return other.title === this.title && other.place === this.place && other.alone === this.alone;
  }

  override toDOM(): HTMLElement {
    const name = document.createElement("span");
    name.className = this.title === null ? "page-name gone" : "page-name";
    const words = `${this.title ?? "a page that is gone"}${this.place}`;
    name.textContent = this.alone ? words : `→ ${words}`;
    name.title = this.alone ? "A link to this page, under its title" : "The page that the link leads to";
    return name;
  }
}

const names = new MatchDecorator({
  regexp: PAGE_LINK,
  decorate: (add, from, to, [, words = "", id = "", place = ""], view) => {
    const page = view.state.facet(pagesOf)().pages.get(id);
    const name = (alone: boolean) =>
      Decoration.replace({ widget: new PageName(page?.title ?? null, place, alone) });
    if (words === "") return add(from, to, name(true));
    add(from, from + 1 + words.length, Decoration.mark({ class: "page-words" }));
    add(from + 1 + words.length, to, name(false));
  },
});

const shown = ViewPlugin.fromClass(
  class {
    names: DecorationSet;

    constructor(view: EditorView) {
      this.names = names.createDeco(view);
    }

    update(update: ViewUpdate) {
      const told = update.transactions.some((step) => step.effects.some((effect) => effect.is(pagesChanged)));
      this.names = told ? names.createDeco(update.view) : names.updateDeco(update, this.names);
    }
  },
  {
    decorations: (plugin) => plugin.names,
    // The cursor goes past a page's name in one step, and Backspace removes it whole.
    provide: (plugin) =>
      EditorView.atomicRanges.of((view) => {
        const all = view.plugin(plugin)?.names ?? Decoration.none;
        return all.update({ filter: (_from, _to, value) => value.spec.widget !== undefined });
      }),
  },
);

/** As many as are looked through. */
const OFFERED = 50;

/** Offers pages by their titles: after "[" as a whole link, and where a link is to lead. */
function offers(context: CompletionContext): CompletionResult | null {
  const words = context.matchBefore(/\[[^[\]()\n]*$/);
  const target = context.matchBefore(/\]\([^()\s]*$/);
  const begins = words ? words.from + 1 : target ? target.from + 2 : null;
  if (begins === null) return null;
  const tree = context.state.facet(pagesOf)();
  const title = (id: string) => pageOf(tree, id).title;
  const found = matching([...tree.pages.keys()], title, context.state.sliceDoc(begins, context.pos), OFFERED);
  return {
    from: begins,
    filter: false,
    options: found.map((id) => ({
      label: title(id),
      detail: pathTo(tree, id).slice(0, -1).map(title).join(" › "),
      apply: (view: EditorView, _chosen: unknown, from: number, to: number) => {
        // Without words of its own the link goes on showing the title, whatever it becomes.
        const insert = words ? `](page:${id})` : `page:${id}`;
        const closed = words || view.state.sliceDoc(to, to + 1) === ")";
        view.dispatch({
          changes: { from, to, insert: closed ? insert : `${insert})` },
          selection: { anchor: from + insert.length + (words ? 0 : 1) },
          userEvent: "input.complete",
        });
      },
    })),
  };
}

/** Links to pages: shown by the page's title, and found by typing. */
export const pageLinks: Extension = [
  shown,
  autocompletion({
    override: [offers],
    icons: false,
    // Enter right after the last letter chooses; whoever types fast means it too.
    activateOnTypingDelay: 0,
    interactionDelay: 0,
  }),
];
