import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { FakeServer, json } from "../working-copy/server.test-help";
import { api, Refused, Unreachable, whenSessionIsOver, windowPage } from "./client";

let server: FakeServer;
beforeEach(() => {
  server = new FakeServer();
});
afterEach(() => vi.unstubAllGlobals());

describe("a call", () => {
  it("carries the token against forgery when it changes something, and only then", async () => {
    const headers: HeadersInit[] = [];
    vi.stubGlobal("fetch", (_path: string, init: RequestInit) => {
      headers.push(init.headers ?? {});
      return Promise.resolve(json([]));
    });
    await api.findings();
    await api.redo("r1");
    expect(headers.map((each) => new Headers(each).get("X-XSRF-TOKEN"))).toEqual([null, "t/k"]);
  });

  it.each([
    ["502 of a proxy", () => json({}, 502)],
    ["500 that is none of Velnik's", () => new Response("<html>", { status: 500 })],
    ["500 without a word", () => new Response(null, { status: 500 })],
    ["page that stands in its way", () => new Response("<html>")],
  ])("counts a %s as no answer", async (_what, reply) => {
    server.says(reply());
    await expect(api.findings()).rejects.toBeInstanceOf(Unreachable);
  });

  it("that nobody waits for any more ends without a word", async () => {
    const abandon = new AbortController();
    server.says(() => {
      abandon.abort();
      return json([]);
    });
    server.says("nothing");
    await api.findings(abandon.signal).catch(() => {});
    await expect(api.findings(abandon.signal)).rejects.toMatchObject({ name: "AbortError" });
  });

  it("goes out again once the person has signed in again", async () => {
    const over = vi.fn(() => Promise.resolve());
    whenSessionIsOver(over);
    server.says(json({ type: "/-/problems/not-signed-in", detail: "Sign in first." }, 401), json([]));
    expect(await api.findings()).toEqual([]);
    expect(over).toHaveBeenCalledTimes(1);
    server.says(
      json({ type: "/-/problems/not-signed-in" }, 401),
      json({ type: "/-/problems/csrf-missing" }, 403),
      json({}),
      json({ told: [] }),
    );
    expect(await api.redo("r1")).toEqual({ told: [] }); // signing in brought another token with the next answer
    expect(server.calls.slice(-2).map((call) => call.path)).toEqual(["/-/api/session", "/-/api/redo"]);
    whenSessionIsOver(null);
    server.says(json({ type: "/-/problems/not-signed-in", detail: "Sign in first." }, 401));
    await expect(api.findings()).rejects.toMatchObject({ message: "Sign in first." });
  });

  it("that is refused says so in the server's words", async () => {
    server.says(
      json({ type: "https://x.example/problems/taken", detail: "It is taken.", later: ["A"] }, 409),
    );
    const refused = await api.redo("r1").catch((problem) => problem);
    expect(refused).toBeInstanceOf(Refused);
    expect(refused).toMatchObject({ status: 409, type: "taken", message: "It is taken.", later: ["A"] });
  });

  it("that fails without words has words all the same", async () => {
    server.says(new Response("<html>", { status: 418 }));
    await expect(api.redo("r1")).rejects.toMatchObject({
      message: "Something went wrong. Nothing was changed.",
    });
  });

  it("writes what was typed into addresses as it has to be", async () => {
    server.says(json([]), json({}));
    await api.offers("main", "a&b #1");
    await api.removeMember("o/o");
    expect(server.calls.map((call) => call.path)).toEqual([
      "/-/api/menus/main/offers?text=a%26b%20%231",
      "/-/api/members/o%2Fo",
    ]);
  });
});

describe("a page in the window", () => {
  it("is its HTML, or null where the window was closed", async () => {
    server.says(new Response("<h1>Hire</h1>"), new Response("<body data-closed>"), "nothing");
    expect(await windowPage("/-/window/t/hire", new AbortController().signal)).toBe("<h1>Hire</h1>");
    expect(await windowPage("/-/window/t/hire", new AbortController().signal)).toBeNull();
    await expect(windowPage("/-/window/t/hire", new AbortController().signal)).rejects.toBeInstanceOf(
      Unreachable,
    );
  });
});
