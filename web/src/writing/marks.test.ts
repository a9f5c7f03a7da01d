import { EditorSelection, EditorState, type TransactionSpec } from "@codemirror/state";
import { describe, expect, it } from "vitest";
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

/** A text whose selection stands between two bars; one bar is the cursor. */
function stateOf(text: string): EditorState {
  const [before = "", within, after] = text.split("|");
  return after === undefined
    ? EditorState.create({ doc: before + (within ?? ""), selection: { anchor: before.length } })
    : EditorState.create({
        doc: before + within + after,
        selection: EditorSelection.range(before.length, before.length + (within ?? "").length),
      });
}

function after(text: string, act: (state: EditorState) => TransactionSpec): string {
  const { state } = stateOf(text).update(act(stateOf(text)));
  const { from, to, empty } = state.selection.main;
  const doc = state.doc.toString();
  return empty
    ? `${doc.slice(0, from)}|${doc.slice(from)}`
    : `${doc.slice(0, from)}|${doc.slice(from, to)}|${doc.slice(to)}`;
}

describe("a mark", () => {
  it.each([
    ["nine |open| canoes", "**", "nine **|open|** canoes"],
    ["nine op|en canoes", "**", "nine **op|en** canoes"],
    ["nine **|open|** canoes", "**", "nine |open| canoes"],
    ["nine **|open|** canoes", "*", "nine ***|open|*** canoes"],
    ["nine *|open|* canoes", "*", "nine |open| canoes"],
    ["|", "**", "**|**"],
  ])("goes around %s", (before, mark, result) => {
    expect(after(before, (state) => marked(state, mark))).toBe(result);
  });
});

describe("the beginning of lines", () => {
  it.each([
    ["Pri|ces", "## ", "## Pri|ces"],
    ["## Pri|ces", "## ", "Pri|ces"],
    ["### Pri|ces", "## ", "## Pri|ces"],
    ["|one\n\ntwo|", "- ", "- |one\n\n- two|"],
    ["|- one\n- two|", "- ", "|one\ntwo|"],
    ["|", "- ", "- |"],
  ])("becomes what is wanted: %s", (before, beginning, result) => {
    expect(after(before, (state) => begun(state, () => beginning))).toBe(result);
  });

  it("counts", () => {
    expect(after("|- one\n- two|", (state) => begun(state, (index) => `${index + 1}. `))).toBe(
      "|1. one\n2. two|",
    );
  });
});

describe("Enter in an empty item", () => {
  it("leaves the list", () => {
    expect(after("- one\n- |", (state) => outOfList(state) ?? {})).toBe("- one\n\n|");
    expect(outOfList(stateOf("- one|"))).toBeNull();
  });
});

describe("a link", () => {
  it("is made of the selected words, or begins anew", () => {
    expect(after("see |our boats|", withLink)).toBe("see [our boats](|)");
    expect(after("see |", withLink)).toBe("see [|");
  });
});

describe("what is pasted", () => {
  it("stands on lines of its own where it is more than words", () => {
    expect(onItsLines(stateOf("See |"), "our boats")).toBe("our boats");
    expect(onItsLines(stateOf("See |"), "## Boats\n\nNine")).toBe("\n\n## Boats\n\nNine");
    expect(onItsLines(stateOf("See\n|"), "- one")).toBe("- one");
  });
});

describe("a table", () => {
  it("stands on lines of its own, its first cell selected", () => {
    expect(
      stateOf("Prices|")
        .update(withTable(stateOf("Prices|")))
        .state.doc.toString(),
    ).toBe("Prices\n\n| Heading | Heading |\n| --- | --- |\n|  |  |\n");
  });
});

describe("what stands in a text by itself", () => {
  it("has a line of its own", () => {
    expect(after("Write to us|", (state) => withStanding(state, "form"))).toBe(
      "Write to us\n\n[](here:form)\n\n|",
    );
  });
});

describe("a picture", () => {
  const put = (text: string) => after(text, (state) => withPicture(state, "slip"));

  it("stands on a line of its own, apart from what is above it", () => {
    expect(put("|")).toBe("![](file:slip)\n\n|");
    expect(put("Words|")).toBe("Words\n\n![](file:slip)\n\n|");
    expect(put("Words\n\n|")).toBe("Words\n\n![](file:slip)\n\n|");
  });

  it("is no row of the table it is put below", () => {
    const { state } = EditorState.create({
      doc: "a | b\n--- | ---\n1 | 2\n",
      selection: { anchor: 22 },
    }).update();
    expect(state.update(withPicture(state, "slip")).state.doc.toString()).toBe(
      "a | b\n--- | ---\n1 | 2\n\n![](file:slip)\n\n",
    );
  });
});
