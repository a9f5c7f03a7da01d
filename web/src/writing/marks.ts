import { EditorSelection, type EditorState, type Line, type TransactionSpec } from "@codemirror/state";

/** Puts marks on both sides of what is selected, or of the word at the cursor; where they are, takes them away. */
export function marked(state: EditorState, mark: string): TransactionSpec {
  return state.changeByRange((range) => {
    const word = range.empty ? (state.wordAt(range.head) ?? range) : range;
    const { from, to } = word;
    const around = [
      state.sliceDoc(Math.max(0, from - mark.length), from),
      state.sliceDoc(to, to + mark.length),
    ];
    // One star is half of two.
    const other = mark.length === 1 ? mark.repeat(2) : null;
    const doubled = other !== null && state.sliceDoc(Math.max(0, from - 2), from) === other;
    if (around.every((side) => side === mark) && !doubled) {
      return {
        changes: [
          { from: from - mark.length, to: from },
          { from: to, to: to + mark.length },
        ],
        range: EditorSelection.range(range.anchor - mark.length, range.head - mark.length),
      };
    }
    return {
      changes: [
        { from, insert: mark },
        { from: to, insert: mark },
      ],
      range: EditorSelection.range(range.anchor + mark.length, range.head + mark.length),
    };
  });
}

/** What a line begins with that says what it is. */
const BEGINNING = /^(?:#{1,6} |[-*+] |\d{1,9}[.)] |> )?/;

/**
 * Makes the selected lines begin so; where all of them do, takes it away. What they began with before goes.
 *
 * @param beginning of a line, by its number from 0
 */
export function begun(state: EditorState, beginning: (index: number) => string): TransactionSpec {
  const lines = selectedLines(state);
  const full = lines.filter((line) => line.text.trim() !== "" || lines.length === 1);
  const all = full.every((line, index) => line.text.startsWith(beginning(index)));
  const changes = full.map((line, index) => {
    const before = BEGINNING.exec(line.text)?.[0].length ?? 0;
    return { from: line.from, to: line.from + before, insert: all ? "" : beginning(index) };
  });
  const done = state.changes(changes);
  return { changes: done, selection: state.selection.map(done, 1) };
}

function selectedLines(state: EditorState): readonly Line[] {
  const { from, to } = state.selection.main;
  const first = state.doc.lineAt(from).number;
  const last = state.doc.lineAt(to).number;
  return Array.from({ length: last - first + 1 }, (_, index) => state.doc.line(first + index));
}

/** Leaves a list whose last item is still empty, for a paragraph after it; null where that is not where the cursor is. */
export function outOfList(state: EditorState): TransactionSpec | null {
  const { head, empty } = state.selection.main;
  const line = state.doc.lineAt(head);
  if (!empty || !/^\s*(?:[-*+]|\d{1,9}[.)]|>)\s*$/.test(line.text)) return null;
  return {
    changes: { from: line.from, to: line.to, insert: "\n" },
    selection: EditorSelection.cursor(line.from + 1),
  };
}

/** Where a block begins that stands on lines of its own below what the cursor is in, and the line ends before it. */
function below(state: EditorState): { readonly at: number; readonly to: number; readonly before: string } {
  const line = state.doc.lineAt(state.selection.main.to);
  if (line.text.trim() !== "") return { at: line.to, to: line.to, before: "\n\n" };
  const above = line.number === 1 || state.doc.line(line.number - 1).text.trim() === "";
  return { at: line.from, to: line.to, before: above ? "" : "\n" };
}

/** A table to fill in, on lines of its own, with its first cell selected. */
export function withTable(state: EditorState): TransactionSpec {
  const { at, to, before } = below(state);
  const insert = `${before}| Heading | Heading |\n| --- | --- |\n|  |  |\n`;
  const cell = at + before.length + 2;
  return {
    changes: { from: at, to, insert },
    selection: EditorSelection.range(cell, cell + "Heading".length),
  };
}

/** A picture on a line of its own, below what the cursor is in. */
export function withPicture(state: EditorState, file: string): TransactionSpec {
  return onALine(state, `![](file:${file})`);
}

/** What stands in the text by itself, on a line of its own, below what the cursor is in. */
export function withStanding(state: EditorState, what: string): TransactionSpec {
  return onALine(state, `[](here:${what})`);
}

function onALine(state: EditorState, written: string): TransactionSpec {
  const { at, to, before } = below(state);
  const insert = `${before}${written}\n\n`;
  return {
    changes: { from: at, to, insert },
    selection: EditorSelection.cursor(at + insert.length),
  };
}

/** What was pasted, on lines of its own where it is more than words. */
export function onItsLines(state: EditorState, pasted: string): string {
  const { from } = state.selection.main;
  const before = state.sliceDoc(state.doc.lineAt(from).from, from);
  const blocks = /^(?:#{1,6} |- |\d+\. |\||> |```)|\n\n/.test(pasted);
  return blocks && before.trim() !== "" ? `\n\n${pasted}` : pasted;
}

/** The selected words as the words of a link, ready for where it leads; without words, ready for those. */
export function withLink(state: EditorState): TransactionSpec {
  const { from, to, empty } = state.selection.main;
  return empty
    ? { changes: { from, insert: "[" }, selection: EditorSelection.cursor(from + 1) }
    : {
        changes: [
          { from, insert: "[" },
          { from: to, insert: "]()" },
        ],
        selection: EditorSelection.cursor(to + 3),
      };
}
