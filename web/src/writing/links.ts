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
import type { FileDto } from "../api/client";
import { matching } from "../shared/matching";
import { type PageTree, pageOf, pathTo } from "../working-copy/tree";
import { placeNames, placesFound } from "./places";

/** The page tree as it is now; what is written about pages follows it. */
export const pagesOf = Facet.define<() => PageTree, () => PageTree>({ combine: (all) => all[0] ?? noPages });

/** The files as they are now. */
export const filesOf = Facet.define<() => readonly FileDto[], () => readonly FileDto[]>({
  combine: (all) => all[0] ?? (() => []),
});

/** Says that the page tree or the files are others. */
export const namesChanged = StateEffect.define<null>();

function noPages(): PageTree {
  throw new Error("the editor was not given the page tree");
}

/** A link to a page, a file or what stands in the text, or a picture, as it is written. */
const LINK =
  /(!?)\[([^[\]\n]{0,400})\]\((page|file|here):([A-Za-z0-9_-]{1,60})([#?][^\s()]*)?(?: "[^"\n]*")?\)/g;

/** What can stand in a text as a paragraph of its own, by what a link names it. */
export const STANDING: Readonly<Record<string, string>> = {
  form: "the enquiry form",
  contact: "the contact card",
};

/** A picture, in the place of how it is written. */
class Shown extends WidgetType {
  constructor(private readonly file: FileDto | null) {
    super();
  }

  override eq(other: Shown): boolean {
    return other.file?.picture === this.file?.picture && other.file?.name === this.file?.name;
  }

  override toDOM(): HTMLElement {
    const shown = document.createElement("span");
    shown.className = this.file?.picture ? "picture-shown" : "page-name gone";
    if (this.file?.picture) {
      const picture = document.createElement("img");
      picture.src = this.file.picture;
      picture.alt = this.file.alternative || this.file.name;
      picture.height = 72;
      shown.append(picture);
    }
    shown.append(this.file?.name ?? "a picture that is gone");
    return shown;
  }
}

/** What a link leads to, in the place of how it is written. */
class LinkName extends WidgetType {
  constructor(
    private readonly title: string | null,
    private readonly place: string,
    /** Whether the link shows the title, having no words of its own. */
    private readonly alone: boolean,
  ) {
    super();
  }

  override eq(other: LinkName): boolean {
    return other.title === this.title && other.place === this.place && other.alone === this.alone;
  }

  override toDOM(): HTMLElement {
    const name = document.createElement("span");
    name.className = this.title === null ? "page-name gone" : "page-name";
    const words = `${this.title ?? "something that is gone"}${this.place}`;
    name.textContent = this.alone ? words : `→ ${words}`;
    name.title = this.alone ? "A link, under the name of what it leads to" : "What the link leads to";
    return name;
  }
}

const names = new MatchDecorator({
  regexp: LINK,
  decorate: (add, from, to, [, picture = "", words = "", scheme = "", id = "", place = ""], view) => {
    const file =
      scheme === "file"
        ? view.state
            .facet(filesOf)()
            .find((each) => each.id === id)
        : undefined;
    if (picture !== "") {
      if (scheme === "file") add(from, to, Decoration.replace({ widget: new Shown(file ?? null) }));
      return;
    }
    const title =
      scheme === "here"
        ? STANDING[id]
        : scheme === "file"
          ? file?.name
          : view.state.facet(pagesOf)().pages.get(id)?.title;
    const name = (alone: boolean) =>
      Decoration.replace({ widget: new LinkName(title ?? null, place, alone) });
    if (words === "") return add(from, to, name(true));
    add(from, from + 1 + words.length, Decoration.mark({ class: "page-words" }));
    add(from + 1 + words.length, to, name(false));
  },
});

/** What is shown in the place of how it is written. */
const inPlace = (decorator: MatchDecorator) =>
  ViewPlugin.fromClass(
    class {
      shown: DecorationSet;

      constructor(view: EditorView) {
        this.shown = decorator.createDeco(view);
      }

      update(update: ViewUpdate) {
        const told = update.transactions.some((step) =>
          step.effects.some((effect) => effect.is(namesChanged)),
        );
        this.shown = told ? decorator.createDeco(update.view) : decorator.updateDeco(update, this.shown);
      }
    },
    {
      decorations: (plugin) => plugin.shown,
      // The cursor goes past it in one step, and Backspace removes it whole.
      provide: (plugin) =>
        EditorView.atomicRanges.of((view) => {
          const all = view.plugin(plugin)?.shown ?? Decoration.none;
          return all.update({ filter: (_from, _to, value) => value.spec.widget !== undefined });
        }),
    },
  );

/** As many as are looked through. */
const OFFERED = 50;

/** What a link can lead to, as it is offered. */
type Offered = {
  readonly name: string;
  readonly detail: string;
  readonly written: string;
  /** What the link reads; without words of its own it goes on showing the name, whatever it becomes. */
  readonly words?: string;
};

/** Offers pages, files and places on pages by their names: after "[" as a whole link, and where a link is to lead. */
function offers(context: CompletionContext): CompletionResult | null {
  const words = context.matchBefore(/\[[^[\]()\n]*$/);
  const target = context.matchBefore(/\]\([^()\s]*$/);
  const begins = words ? words.from + 1 : target ? target.from + 2 : null;
  if (begins === null) return null;
  const tree = context.state.facet(pagesOf)();
  const title = (id: string) => pageOf(tree, id).title;
  const all: readonly Offered[] = [
    ...[...tree.pages.keys()].map((id) => ({
      name: title(id),
      detail: pathTo(tree, id).slice(0, -1).map(title).join(" › "),
      written: `page:${id}`,
    })),
    ...context.state
      .facet(filesOf)()
      .map(({ id, name, type }) => ({
        name,
        detail: `file · ${type}`,
        written: `file:${id}`,
      })),
  ];
  const typed = context.state.sliceDoc(begins, context.pos);
  const places = context.state.facet(placesFound)?.now(typed) ?? [];
  const found: readonly Offered[] = [
    ...matching(all, ({ name }) => name, typed, OFFERED),
    ...places.map(({ page, name, words }) => ({
      name: words,
      detail: `heading · ${tree.pages.get(page)?.title ?? ""}`,
      written: `page:${page}#${name}`,
      words: words.replaceAll(/[[\]]/g, ""),
    })),
  ];
  return {
    from: begins,
    filter: false,
    // At once, so that Enter never finds the list still being looked for.
    update: (_before, _from, _to, now) => offers(now),
    options: found.map(({ name, detail, written, words: read = "" }) => ({
      label: name,
      detail,
      apply: (view: EditorView, _chosen: unknown, from: number, to: number) => {
        const insert = words ? `${read}](${written})` : written;
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

/** Links to pages, files and places on pages: shown by their names, and found by typing; pictures shown. */
export const links: Extension = [
  inPlace(names),
  inPlace(placeNames),
  autocompletion({
    override: [offers],
    icons: false,
    // Enter right after the last letter chooses; whoever types fast means it too.
    activateOnTypingDelay: 0,
    interactionDelay: 0,
  }),
];
