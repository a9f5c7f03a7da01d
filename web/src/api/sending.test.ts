import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { FakeServer, json } from "../working-copy/server.test-help";
import { api, Unreachable, whenSessionIsOver } from "./client";

/** What goes out, and how it ends: an answer, or none. */
type Ending = { readonly status: number; readonly text: string } | "nothing";

/** Stands in XMLHttpRequest's place: half of what is sent goes out, then all of it, then it ends as it is told to. */
class FakeSending {
  static endings: Ending[] = [];
  static sent: unknown[] = [];
  readonly upload: { onprogress?: (event: { loaded: number; total: number }) => void } = {};
  readonly headers = new Map<string, string>();
  status = 0;
  responseText = "";
  onload = () => {};
  onerror = () => {};
  onabort = () => {};

  open() {}

  setRequestHeader(name: string, value: string) {
    this.headers.set(name, value);
  }

  abort() {
    this.onabort();
  }

  send(body: unknown) {
    FakeSending.sent.push([body, this.headers.get("Content-Type"), this.headers.get("X-XSRF-TOKEN")]);
    this.upload.onprogress?.({ loaded: 5, total: 10 });
    const ending = FakeSending.endings.shift();
    if (ending === undefined) return; // on its way for ever
    if (ending === "nothing") return this.onerror();
    this.upload.onprogress?.({ loaded: 10, total: 10 });
    this.status = ending.status;
    this.responseText = ending.text;
    this.onload();
  }
}

const file = new Blob(["a boat"]) as File;
const ok = { status: 200, text: JSON.stringify({ told: ["Added."] }) };

beforeEach(() => {
  new FakeServer().says(json({}));
  FakeSending.endings = [];
  FakeSending.sent = [];
  vi.stubGlobal("XMLHttpRequest", FakeSending);
});
afterEach(() => vi.unstubAllGlobals());

describe("what is sent", () => {
  it("goes out as it is, and how much of it has is told", async () => {
    FakeSending.endings = [ok];
    const parts: number[] = [];
    expect(await api.addFile("r1", 3, "boat", file, (part) => parts.push(part))).toEqual({
      told: ["Added."],
    });
    expect(parts).toEqual([0.5, 1]);
    expect(FakeSending.sent).toEqual([[file, "application/octet-stream", "t/k"]]);
  });

  it("goes out again once the person has signed in again", async () => {
    FakeSending.endings = [{ status: 401, text: JSON.stringify({ type: "/-/problems/not-signed-in" }) }, ok];
    whenSessionIsOver(() => Promise.resolve());
    expect(await api.replaceFile("r1", 3, "boat", file, () => {})).toEqual({ told: ["Added."] });
    expect(FakeSending.sent.length).toBe(2);
    whenSessionIsOver(null);
  });

  it("is refused with the server's sentence, and says so when nothing answers", async () => {
    const detail = "A picture has 5 MB at most.";
    FakeSending.endings = [{ status: 413, text: JSON.stringify({ detail }) }, "nothing"];
    const failing = () => api.addFile("r1", 3, "boat", file, () => {}).catch((problem) => problem);
    expect(await failing()).toMatchObject({ status: 413, message: detail });
    expect(await failing()).toBeInstanceOf(Unreachable);
  });

  it("ends when nobody waits for the answer any more", async () => {
    const abandon = new AbortController();
    const choices = {
      where: "PAGES",
      page: null,
      menu: null,
      name: null,
      matching: "ADDRESS",
      without: [],
    } as const;
    const asked = api.wouldRead("r1", 3, [], choices, () => {}, abandon.signal).catch((problem) => problem);
    abandon.abort();
    expect(await asked).toMatchObject({ name: "AbortError" });
  });
});
