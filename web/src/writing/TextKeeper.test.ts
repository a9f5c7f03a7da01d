import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { page } from "../menus/samples.test-help";
import { answer, copyOf, FakeServer, json } from "../working-copy/server.test-help";
import { WorkingCopyStore } from "../working-copy/store";
import { TextKeeper } from "./TextKeeper";

let server: FakeServer;
let shown: string[];
let said: (string | null)[];
let keeper: TextKeeper;

beforeEach(() => {
  vi.useFakeTimers();
  server = new FakeServer();
  shown = [];
  said = [];
  const store = new WorkingCopyStore(copyOf(1, "home", "canoes"));
  keeper = new TextKeeper("canoes", { text: "Nine canoes.", hash: "h1" }, store.change, {
    show: (text) => shown.push(text),
    say: (sentence) => said.push(sentence),
  });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const saved = (revision: number, hash: string, texts: readonly { page: string; text: string }[] = []) =>
  json({
    ...answer(revision, "home", "Saved."),
    difference: {
      ...answer(revision, "home", "").difference,
      placed: [],
      altered: [{ ...page("canoes", null, "home"), text: hash }],
    },
    texts,
  });
const sent = () =>
  server.calls.filter((call) => call.method === "POST").map((call) => call.body.changes?.[0]);
const rest = () => vi.advanceTimersByTimeAsync(300);

describe("a text", () => {
  it("is saved after a pause, upon what was saved before, a stretch of typing under one name", async () => {
    server.says(saved(2, "h2"), saved(3, "h3"), saved(4, "h4"));
    keeper.typed("Nine canoes. T");
    keeper.typed("Nine canoes. Ten");
    await rest();
    keeper.typed("Nine canoes. Ten kayaks.");
    await rest();
    await vi.advanceTimersByTimeAsync(15_000);
    keeper.typed("Nine canoes. Ten kayaks!");
    await rest();
    const [one, two, three] = sent() as { text: string; upon: string; stretch: string }[];
    expect([one?.text, two?.text]).toEqual(["Nine canoes. Ten", "Nine canoes. Ten kayaks."]);
    expect([one?.upon, two?.upon, three?.upon]).toEqual(["h1", "h2", "h3"]);
    expect(two?.stretch).toBe(one?.stretch);
    expect(three?.stretch).not.toBe(two?.stretch);
    expect(keeper.isDirty()).toBe(false);
  });

  it("that is kept otherwise than it was typed is shown so, with what was typed meanwhile", async () => {
    server.says(
      () => {
        keeper.typed("See [hire](/hire). Soon");
        return saved(2, "h2", [{ page: "canoes", text: "See [hire](page:hire)." }]);
      },
      saved(3, "h3"),
    );
    keeper.typed("See [hire](/hire).");
    await rest();
    await rest();
    expect(shown).toEqual(["See [hire](page:hire). Soon"]);
    expect(sent()[1]).toMatchObject({ text: "See [hire](page:hire). Soon", upon: "h2" });
  });

  it("that somebody else changed meanwhile is made one with theirs, and saved again", async () => {
    server.says(
      json({ type: "text-changed", detail: "Somebody else changed it." }, 409),
      json(copyOf(5, "home", "canoes")),
      json({ text: "Eleven canoes.", hash: "h5" }),
      saved(6, "h6"),
    );
    keeper.typed("Nine canoes. Bring a hat.");
    await rest();
    expect(shown).toEqual(["Eleven canoes. Bring a hat."]);
    expect(sent()[1]).toMatchObject({ text: "Eleven canoes. Bring a hat.", upon: "h5" });
    expect(said.at(-1)).toBeNull();
  });

  it("is shown anew where somebody else wrote it, and keeps both where both changed the same words", async () => {
    server.says(json({ text: "Ten canoes.", hash: "h2" }));
    await keeper.seen("h2");
    expect(shown).toEqual(["Ten canoes."]);
    keeper.typed("Ten boats.");
    server.says(json({ text: "Ten kayaks.", hash: "h3" }), saved(2, "h4"));
    await keeper.seen("h3");
    expect(shown.at(-1)).toBe("Ten boats kayaks.");
    expect(said.at(-1)).toContain("Both versions");
    await keeper.seen("h4");
    expect(server.calls).toHaveLength(3);
    server.says(saved(3, "h5"));
    keeper.typed("Ten boats.");
    await rest();
    expect(said.at(-1)).toBeNull();
  });

  it("that is refused stays as it was typed, and says why", async () => {
    server.says(
      json({ type: "text-too-long", detail: "This text is too long." }, 422),
      json({ text: "Nine canoes.", hash: "h1" }),
    );
    keeper.typed("x".repeat(300));
    await rest();
    expect(said).toEqual(["This text is too long."]);
    expect(shown).toEqual([]);
    expect(keeper.isDirty()).toBe(true);
    keeper.typed("Nine canoes.");
    await rest();
    expect(said.at(-1)).toBeNull();
  });
});
