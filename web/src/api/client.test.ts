import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { FakeServer, json } from "../working-copy/server.test-help";
import { api, Refused, Unreachable, windowPage } from "./client";

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

  it.each([502, 503, 504])("counts %d as no answer", async (status) => {
    server.says(json({}, status));
    await expect(api.findings()).rejects.toBeInstanceOf(Unreachable);
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
    server.says(new Response("<html>", { status: 500 }));
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
    expect(await windowPage("/-/window/t/hire")).toBe("<h1>Hire</h1>");
    expect(await windowPage("/-/window/t/hire")).toBeNull();
    await expect(windowPage("/-/window/t/hire")).rejects.toBeInstanceOf(Unreachable);
  });
});
