import { startCompletion } from "@codemirror/autocomplete";
import { defaultKeymap, history, historyKeymap } from "@codemirror/commands";
import { markdownKeymap, markdownLanguage } from "@codemirror/lang-markdown";
import { HighlightStyle, syntaxHighlighting } from "@codemirror/language";
import {
  Annotation,
  EditorState,
  type Extension,
  Transaction,
  type TransactionSpec,
} from "@codemirror/state";
import { EditorView, keymap } from "@codemirror/view";
import { tags } from "@lezer/highlight";
import type { FileDto } from "../api/client";
import { written } from "../shared/counted";
import { nonce } from "../shared/csp";
import type { PageTree } from "../working-copy/tree";
import { fromHtml } from "./fromHtml";
import { filesOf, links, pagesOf } from "./links";
import {
  begun,
  marked,
  onItsLines,
  outOfList,
  withLink,
  withPicture,
  withStanding,
  withTable,
} from "./marks";
import { type FindsPlaces, offersAgain, PlacesFound, pastPlaceName, placesFound } from "./places";

/** A text that came from elsewhere and was not typed here. */
const fromElsewhere = Annotation.define<true>();

const look = HighlightStyle.define([
  { tag: tags.heading1, class: "w-heading" },
  { tag: tags.heading2, class: "w-heading" },
  { tag: tags.heading, class: "w-subheading" },
  { tag: tags.strong, class: "w-strong" },
  { tag: tags.emphasis, class: "w-emphasis" },
  { tag: tags.link, class: "w-link" },
  { tag: tags.url, class: "w-mark" },
  { tag: tags.monospace, class: "w-code" },
  { tag: tags.quote, class: "w-quote" },
  { tag: [tags.processingInstruction, tags.contentSeparator, tags.labelName], class: "w-mark" },
]);

/** What a button above the text does; also by its key. */
export type Command = {
  readonly label: string;
  readonly hint: string;
  readonly key?: string;
  /** Whether it is for a page that has an enquiry form. */
  readonly ofForm?: boolean;
  readonly run: (view: EditorView) => boolean;
};

const changes =
  (act: (state: EditorState) => TransactionSpec) =>
  (view: EditorView): boolean => {
    view.dispatch(view.state.update(act(view.state), { scrollIntoView: true, userEvent: "input" }));
    view.focus();
    return true;
  };

const link = (view: EditorView) => changes(withLink)(view) && startCompletion(view);

export const COMMANDS: readonly Command[] = [
  { label: "Heading", hint: "A heading", key: "Mod-Shift-2", run: changes((s) => begun(s, () => "## ")) },
  {
    label: "Subheading",
    hint: "A smaller heading",
    key: "Mod-Shift-3",
    run: changes((s) => begun(s, () => "### ")),
  },
  { label: "Bold", hint: "Strong words", key: "Mod-b", run: changes((s) => marked(s, "**")) },
  { label: "Italic", hint: "Slanted words", key: "Mod-i", run: changes((s) => marked(s, "*")) },
  { label: "List", hint: "A list", key: "Mod-Shift-8", run: changes((s) => begun(s, () => "- ")) },
  {
    label: "Numbers",
    hint: "A numbered list",
    key: "Mod-Shift-7",
    run: changes((s) => begun(s, (at) => `${at + 1}. `)),
  },
  { label: "Quote", hint: "Somebody else’s words", run: changes((s) => begun(s, () => "> ")) },
  {
    label: "Link",
    hint: "A link: type part of a page’s title, or an address. “[” does the same",
    key: "Mod-k",
    run: link,
  },
  { label: "Table", hint: "A table to fill in", run: changes(withTable) },
];

/** What can stand in a text by itself, and the buttons that put it there. */
export const STANDING_COMMANDS: readonly Command[] = [
  {
    label: "Contact card",
    hint: "How the business is reached and when it is open, as typed on The business",
    run: changes((state) => withStanding(state, "contact")),
  },
  {
    label: "Enquiry form",
    ofForm: true,
    hint: "The enquiry form of the page, here instead of after the text",
    run: changes((state) => withStanding(state, "form")),
  },
];

/** How a key is written in a hint. */
export function keyNamed(key: string): string {
  return key
    .replace("Mod", "Ctrl")
    .split("-")
    .map((part) => (part.length === 1 ? part.toUpperCase() : part))
    .join("+");
}

/** Characters of a text, as many as the server takes. */
const LONGEST = 200_000;

/** Characters of formatted text that are looked through; of more the words alone are taken. */
const LONGEST_HTML = 1_000_000;

const WEB = /^https?:\/\/[^\s<>]+$/;

/** Formatted text comes as Markdown; an address makes the selected words a link, or is one itself. */
const pasting = EditorView.domEventHandlers({
  paste(event, view) {
    const text = event.clipboardData?.getData("text/plain") ?? "";
    const html = event.clipboardData?.getData("text/html") ?? "";
    const { from, to, empty } = view.state.selection.main;
    const address = text.trim();
    const pasted = WEB.test(address)
      ? empty
        ? `<${address}>`
        : `[${view.state.sliceDoc(from, to)}](${address})`
      : html === "" || html.length > LONGEST_HTML
        ? null
        : onItsLines(view.state, fromHtml(html));
    if (pasted === null || pasted === "") return false;
    event.preventDefault();
    view.dispatch(view.state.replaceSelection(pasted), { userEvent: "input.paste", scrollIntoView: true });
    return true;
  },
});

/** Files that are dropped where they shall stand, or pasted. */
const dropped = (onFiles: (files: readonly File[]) => void) =>
  EditorView.domEventHandlers({
    drop(event, view) {
      const files = [...(event.dataTransfer?.files ?? [])];
      if (files.length === 0 || !view.state.facet(EditorView.editable)) return false;
      event.preventDefault();
      const at = view.posAtCoords({ x: event.clientX, y: event.clientY });
      if (at !== null) view.dispatch({ selection: { anchor: at } });
      onFiles(files);
      return true;
    },
    paste(event) {
      const files = [...(event.clipboardData?.files ?? [])];
      // Office programs put a picture of the words beside them.
      if (files.length === 0 || event.clipboardData?.types.includes("text/html")) return false;
      event.preventDefault();
      onFiles(files);
      return true;
    },
  });

/** Puts in what stands for a file: a picture on a line of its own, a link among the words. */
export function putIn(view: EditorView, file: string, picture: boolean): void {
  const spec = picture ? withPicture(view.state, file) : view.state.replaceSelection(`[](file:${file})`);
  view.dispatch(view.state.update(spec, { scrollIntoView: true, userEvent: "input" }));
  view.focus();
}

/**
 * The editor of a text, in an element.
 *
 * @param onType told the whole text after each change that somebody made here
 */
export function editorIn(
  parent: HTMLElement,
  what: {
    readonly text: string;
    readonly label: string;
    readonly readOnly: boolean;
    readonly tree: () => PageTree;
    readonly files: () => readonly FileDto[];
    readonly places: FindsPlaces;
    /** Files were dropped or pasted; what stands for them comes at the cursor. */
    readonly onFiles: (files: readonly File[]) => void;
    readonly onType: (text: string) => void;
    /** Something would have made the text longer than one can be; it was not put in. */
    readonly onTooLong: (sentence: string) => void;
    readonly onLeave: () => void;
  },
): EditorView {
  const extensions: Extension[] = [
    EditorView.cspNonce.of(nonce),
    history(),
    keymap.of([
      ...COMMANDS.flatMap(({ key, run }) =>
        key ? [{ key, run, preventDefault: true, stopPropagation: true }] : [],
      ),
      {
        key: "Enter",
        run: (view) => {
          const past = pastPlaceName(view.state);
          if (past !== null) view.dispatch({ selection: { anchor: past } });
          const out = outOfList(view.state);
          return out !== null && changes(() => out)(view);
        },
      },
      ...markdownKeymap,
      ...historyKeymap,
      ...defaultKeymap,
    ]),
    markdownLanguage,
    syntaxHighlighting(look),
    EditorView.lineWrapping,
    EditorView.contentAttributes.of({
      "aria-label": what.label,
      spellcheck: "true",
      autocapitalize: "sentences",
    }),
    pagesOf.of(what.tree),
    filesOf.of(what.files),
    placesFound.of(new PlacesFound(what.places, () => offersAgain(view))),
    links,
    dropped(what.onFiles),
    pasting,
    EditorState.transactionFilter.of((step) => {
      const length = step.newDoc.length;
      if (!step.docChanged || length <= LONGEST || length <= step.startState.doc.length) return step;
      what.onTooLong(
        `That would make ${written(length)} characters; a text has at most ${written(LONGEST)}. Nothing was put in.`,
      );
      return [];
    }),
    EditorView.updateListener.of((update) => {
      const typed = update.transactions.some((step) => step.docChanged && !step.annotation(fromElsewhere));
      if (typed) what.onType(update.state.doc.toString());
    }),
    EditorView.domEventHandlers({ blur: () => what.onLeave() }),
    EditorView.editable.of(!what.readOnly),
  ];
  const view = new EditorView({ parent, doc: what.text, extensions });
  return view;
}

/** Shows a text that came from elsewhere; the cursor stays in the words it is in. */
export function shows(view: EditorView, text: string): void {
  const before = view.state.doc.toString();
  let from = 0;
  while (from < before.length && from < text.length && before[from] === text[from]) from++;
  let end = 0;
  const most = Math.min(before.length, text.length) - from;
  while (end < most && before[before.length - 1 - end] === text[text.length - 1 - end]) end++;
  view.dispatch({
    changes: { from, to: before.length - end, insert: text.slice(from, text.length - end) },
    annotations: [fromElsewhere.of(true), Transaction.addToHistory.of(false)],
  });
}
