import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { answer, copyOf, FakeServer, json } from "./server.test-help";
import { WorkingCopyStore } from "./store";
import { childrenOf } from "./tree";

let server: FakeServer;
let store: WorkingCopyStore;

beforeEach(() => {
  vi.useFakeTimers();
  server = new FakeServer();
  store = new WorkingCopyStore(copyOf(1, "home", "hire"));
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const retitle = (title: string) => ({ kind: "retitlePage", page: "hire", title }) as const;
const order = () => childrenOf(store.current().copy.tree, null);
const current = () => store.current();

describe("an edit", () => {
  it("goes out with the revision it is based on, and its answer is put into the tree", async () => {
    server.says(json(answer(2, "canoes", "Canoes is there.")));
    const result = store.change(retitle("Boats"));
    expect(current().keeping.status).toBe("sending");
    expect((await result).ok).toBe(true);
    expect(server.calls[0]).toMatchObject({
      method: "POST",
      path: "/-/api/changes",
      body: { basedOn: 1, changes: [retitle("Boats")] },
    });
    expect(order()).toEqual(["canoes", "home", "hire"]);
    expect(current()).toMatchObject({
      keeping: { status: "kept" },
      copy: { revision: 2, told: ["Canoes is there."], elsewhere: false, waiting: 2 },
    });
    expect([...current().copy.touched]).toEqual(["canoes"]);
  });

  it("waits for the one before it, and is based on what that left", async () => {
    server.says(json(answer(2, "one", "One.")), json(answer(3, "two", "Two.")));
    await Promise.all([store.change(retitle("A")), store.change(retitle("B"))]);
    expect(server.calls.map((call) => call.body.basedOn)).toEqual([1, 2]);
    expect(order()).toEqual(["two", "one", "home", "hire"]);
  });

  it("is sent again under the same name until there is an answer", async () => {
    server.says("nothing", json({}, 503), json(answer(2, "canoes", "Canoes is there.")));
    const result = store.change(retitle("Boats"));
    await vi.advanceTimersByTimeAsync(0);
    expect(current().keeping).toEqual({ status: "lost", waiting: 1, why: null });
    await vi.advanceTimersByTimeAsync(2_000);
    expect(current().keeping.status).toBe("lost");
    await vi.advanceTimersByTimeAsync(2_000);
    expect((await result).ok).toBe(true);
    expect(new Set(server.calls.map((call) => call.body.request)).size).toBe(1);
    expect(server.calls).toHaveLength(3);
    expect(current().keeping.status).toBe("kept");
  });

  it("is asked about again while the disk is unsure of it, and says why", async () => {
    server.says(
      json({ type: "https://velnik.example/problems/disk-unsure", detail: "The disk is full." }, 507),
      json(answer(2, "canoes", "Canoes is there.")),
    );
    const result = store.change(retitle("Boats"));
    await vi.advanceTimersByTimeAsync(0);
    expect(current().keeping).toEqual({ status: "lost", waiting: 1, why: "The disk is full." });
    await vi.advanceTimersByTimeAsync(2_000);
    expect((await result).ok).toBe(true);
  });

  it("that is refused leaves all as it was, and says why", async () => {
    server.says(json({ type: "/problems/title-empty", detail: "A page needs a title." }, 422));
    expect(await store.change(retitle(""))).toEqual({
      ok: false,
      sentence: "A page needs a title.",
      later: null,
    });
    expect(current()).toMatchObject({ keeping: { status: "kept" }, copy: { revision: 1 } });
    expect(server.calls).toHaveLength(1);
  });

  it("that clashes shows what is there now", async () => {
    server.says(
      json({ type: "/problems/clash", detail: "Somebody was faster." }, 409),
      json(copyOf(5, "home")),
    );
    expect(await store.change(retitle("Boats"))).toMatchObject({
      ok: false,
      sentence: "Somebody was faster.",
    });
    expect(current().copy.revision).toBe(5);
    expect(order()).toEqual(["home"]);
  });

  it("does not hold up the next when it is refused", async () => {
    server.says(json({ detail: "No." }, 422), json(answer(2, "canoes", "Canoes is there.")));
    const both = await Promise.all([store.change(retitle("")), store.change(retitle("Boats"))]);
    expect(both.map((result) => result.ok)).toEqual([false, true]);
  });
});

describe("pages that are moved", () => {
  const toFront = () => store.movePages(["hire"], { parent: null, after: null });

  it("stand at their place before there is an answer, and once it is there", async () => {
    server.says(json(answer(2, "hire", "Hire is first.")));
    const moved = toFront();
    expect(current()).toMatchObject({ keeping: { status: "sending" }, copy: { revision: 1 } });
    expect(order()).toEqual(["hire", "home"]);
    expect((await moved).ok).toBe(true);
    expect(order()).toEqual(["hire", "home"]);
  });

  it("stand as the answer has them, whatever was shown ahead of it", async () => {
    server.says(json(answer(2, "canoes", "Somebody read a rule.")));
    await toFront();
    expect(order()).toEqual(["canoes", "home", "hire"]);
  });

  it.each([
    [422, { detail: "Locked." }],
    [409, { detail: "Somebody was faster." }],
  ])("are back where they were when it is refused by %i", async (status, problem) => {
    server.says(json(problem, status), ...(status === 409 ? (["nothing"] as const) : []));
    expect((await toFront()).ok).toBe(false);
    expect(order()).toEqual(["home", "hire"]);
    server.says(json(answer(2, "canoes", "Canoes is there.")));
    await store.change(retitle("Boats"));
    expect(order()).toEqual(["canoes", "home", "hire"]);
  });

  it("come after what others did meanwhile", async () => {
    server.says(
      json({ ...answer(3, "hire", "Hire is first."), difference: answer(3, "mine", "").difference }),
      json(answer(3, "theirs", "Jo was here.")),
    );
    await toFront();
    expect(order()).toEqual(["theirs", "home", "hire"]);
  });

  it("wait for edits that go out before them", async () => {
    server.says(json(answer(2, "canoes", "Canoes is there.")), json(answer(3, "hire", "Hire is first.")));
    const both = [store.change(retitle("Boats")), toFront()];
    expect(order()).toEqual(["home", "hire"]);
    await Promise.all(both);
    expect(order()).toEqual(["hire", "canoes", "home"]);
  });
});

describe("what others do", () => {
  it("is caught up with before an answer that skips it", async () => {
    server.says(
      json(answer(3, "mine", "Mine.")),
      json({ ...answer(3, "theirs", "Jo was here."), told: ["Jo was here."] }),
    );
    await store.change(retitle("Boats"));
    expect(server.calls.map((call) => call.path)).toEqual(["/-/api/changes", "/-/api/edits?since=1"]);
    expect(current().copy.revision).toBe(3);
    expect(order()).toEqual(["theirs", "home", "hire"]);
  });

  it("is heard in its turn, and told as of elsewhere", async () => {
    server.says(json(answer(2, "theirs", "Jo was here.")));
    await store.heard(2, 0, "never");
    expect(current().copy).toMatchObject({ revision: 2, elsewhere: true, told: ["Jo was here."] });
    await store.heard(2, 0, "never");
    expect(server.calls).toHaveLength(1);
    expect(current().copy.turns).toBe(0);
    await store.heard(2, 0, "at noon");
    expect(current().copy.turns).toBe(1);
  });

  it("is loaded whole where it is not told one by one", async () => {
    server.says(json({ detail: "So much happened." }, 409), json(copyOf(900, "home", "news")));
    await store.heard(900, 0, "never");
    expect(current().copy.revision).toBe(900);
    expect(order()).toEqual(["home", "news"]);
  });

  it("that cannot be asked for is left until the next word", async () => {
    server.says("nothing");
    await store.heard(2, 0, "never");
    expect(current().copy.revision).toBe(1);
  });
});

describe("what is told", () => {
  it("says what can be done about it: an edit undone, a step back made again, nothing about a release", async () => {
    server.says(json(answer(2, "canoes", "Canoes is there.")), json(answer(3, "home", "Undone.")));
    await store.change(retitle("Boats"));
    expect(current().copy.about).toBe("undo");
    await store.undo();
    expect(current().copy.about).toBe("redo");
    server.says(json({ number: 4 }), json(copyOf(3, "home")));
    await store.publish("");
    expect(current().copy).toMatchObject({ about: null, told: ["Release 4 is what visitors see now."] });
  });

  it("offers the release before, also where the server says first that another is live", async () => {
    const live = () => json({ ...copyOf(1, "home"), release: 4 });
    const late = () => new Promise<Response>((answered) => setTimeout(() => answered(live()), 50));
    const told = () => {
      void store.heard(1, 4, "never");
      return json({ number: 4 });
    };
    server.says(told, late, live);
    const published = store.publish("");
    await vi.advanceTimersByTimeAsync(100);
    await published;
    expect(current().copy).toMatchObject({ elsewhere: false, offer: { words: "Bring release 3 back" } });
  });
});

describe("several undone at once", () => {
  it("stop at the first that cannot be", async () => {
    server.says(json(answer(2, "a", "Undone.")), json({ detail: "Built upon.", later: ["Move Hire"] }, 422));
    expect(await store.undo(3)).toEqual({ ok: false, sentence: "Built upon.", later: ["Move Hire"] });
    expect(server.calls).toHaveLength(2);
  });
});

describe("a lost connection", () => {
  it("stays told whatever else is asked for, until there is an answer", async () => {
    server.says(
      "nothing",
      json(answer(2, "canoes", "Canoes is there.")),
      json(answer(3, "hire", "Hire is there.")),
    );
    const first = store.change(retitle("Boats"));
    await vi.advanceTimersByTimeAsync(0);
    const second = store.change(retitle("Hulls"));
    expect(current().keeping).toEqual({ status: "lost", waiting: 2, why: null });
    await vi.advanceTimersByTimeAsync(2_000);
    await Promise.all([first, second]);
    expect(current().keeping.status).toBe("kept");
  });

  it("is told though nothing waits, and mended by the next word", () => {
    store.seeConnection(false);
    expect(current().keeping).toEqual({ status: "lost", waiting: 0, why: null });
    store.seeConnection(true);
    expect(current().keeping.status).toBe("kept");
  });
});
