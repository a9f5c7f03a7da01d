// @vitest-environment happy-dom
import { act, cleanup, renderHook, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { FakeServer, json } from "../working-copy/server.test-help";
import { AS_IT_IS } from "./addresses";
import { useFrame } from "./useFrame";

type Wanted = Parameters<typeof useFrame>[0];

const tell = vi.fn();
const frame = { postMessage: tell };
let server: FakeServer;

beforeEach(() => {
  server = new FakeServer();
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  tell.mockReset();
});

const heard = { onVisit: vi.fn(), onSigned: vi.fn(), onChoose: vi.fn(), onKey: vi.fn(), onAt: vi.fn() };

const HIRE: Wanted = {
  page: "hire",
  address: "/hire",
  moment: "1 0",
  as: AS_IT_IS,
  pointed: { menu: "main", item: null, page: null },
  choosing: false,
  onSearch: () => "search",
  ...heard,
};

/** Opens the window on a page, and lets the script in it say that it is there. */
async function opened() {
  server.says(json({ address: "/-/window/t1" }));
  const hook = await act(async () => renderHook(useFrame, { initialProps: HIRE }));
  Object.assign(hook.result.current.ref, { current: { contentWindow: frame } });
  server.says(new Response("<h1>Hire</h1>"));
  await says({ velnik: "here", page: "hire", path: "/hire" });
  return hook;
}

async function says(data: object, source: unknown = frame) {
  await act(async () => {
    window.dispatchEvent(new MessageEvent("message", { data, source: source as Window }));
  });
}

function shown(): string[] {
  return tell.mock.calls.map(([message]) => message).flatMap((message) => message.html ?? []);
}

describe("the window", () => {
  it("opens at the page, and shows it once the script in it is there", async () => {
    const { result } = await opened();
    expect(result.current.source).toBe("/-/window/t1/hire?page=hire");
    expect(server.calls.at(-1)?.path).toBe("/-/window/t1/hire?page=hire");
    expect(shown()).toEqual(["<h1>Hire</h1>"]);
    expect(tell).toHaveBeenCalledWith({ velnik: "point", pointed: HIRE.pointed }, "*");
    expect(heard.onVisit).not.toHaveBeenCalled();
  });

  it("shows another moment, another day and another page by asking for them", async () => {
    const { rerender } = await opened();
    server.says(new Response("<h1>2</h1>"), new Response("<h1>3</h1>"), new Response("<h1>4</h1>"));
    await act(async () => rerender({ ...HIRE, moment: "2 0" }));
    await act(async () =>
      rerender({
        ...HIRE,
        moment: "2 0",
        as: { day: "2027-04-01", member: true, look: "WEIR", unopened: true, live: true },
      }),
    );
    await act(async () => rerender({ ...HIRE, page: "news", address: "/news", moment: "2 0" })); // a key runs by
    await act(async () => rerender({ ...HIRE, page: "cafe", address: "/cafe", moment: "2 0" }));
    await waitFor(() => expect(shown()).toHaveLength(4));
    expect(server.calls.slice(-3).map((call) => call.path)).toEqual([
      "/-/window/t1/hire?page=hire",
      "/-/window/t1/hire?page=hire&day=2027-04-01&member=true&look=WEIR&unopened=true&live=true",
      "/-/window/t1/cafe?page=cafe",
    ]);
  });

  it("does not show an answer that comes too late", async () => {
    const { rerender } = await opened();
    let slow: (response: Response) => void = () => {};
    server.says(() => new Promise<Response>((resolve) => (slow = resolve)), new Response("<h1>New</h1>"));
    await act(async () => rerender({ ...HIRE, moment: "2 0" }));
    await act(async () => rerender({ ...HIRE, moment: "3 0" }));
    await act(async () => slow(new Response("<h1>Old</h1>")));
    expect(shown().at(-1)).toBe("<h1>New</h1>");
  });

  it("opens anew when the server closed it", async () => {
    const { result, rerender } = await opened();
    server.says(new Response("<body data-closed>"), json({ address: "/-/window/t2" }));
    await act(async () => rerender({ ...HIRE, moment: "2 0" }));
    expect(result.current.source).toBe("/-/window/t2/hire?page=hire");
  });

  it("says that the page cannot be got just now, until it can", async () => {
    const { result, rerender } = await opened();
    server.says("nothing");
    await act(async () => rerender({ ...HIRE, moment: "2 0" }));
    expect(result.current.problem).toBe("Velnik does not answer just now.");
    server.says(new Response("<h1>Hire</h1>"));
    await act(async () => rerender({ ...HIRE, moment: "3 0" }));
    expect(result.current.problem).toBeNull();
  });
});

describe("what the script in the window says", () => {
  it("counts from the window alone", async () => {
    await opened();
    await says({ velnik: "key", key: "Escape" }, { postMessage: tell });
    expect(heard.onKey).not.toHaveBeenCalled();
    await says({ velnik: "key", key: "Escape" });
    expect(heard.onKey).toHaveBeenCalledWith("Escape");
  });

  it("is followed: links, searches, pointing, signing in, and ways out", async () => {
    const { result } = await opened();
    server.says(new Response("<h1>Café</h1>"));
    await says({ velnik: "here", page: "cafe", path: "/cafe" });
    expect(heard.onVisit).toHaveBeenLastCalledWith("cafe");
    await says({ velnik: "asked", words: "tide" });
    expect(heard.onVisit).toHaveBeenLastCalledWith("search");
    await says({ velnik: "signed", in: true });
    expect(heard.onSigned).toHaveBeenCalledWith(true);
    const main = { menu: "main", item: null, page: null };
    await says({ velnik: "over", pointed: main });
    expect(result.current.over).toEqual(main);
    await says({ velnik: "chosen", pointed: main });
    expect(heard.onChoose).toHaveBeenCalledWith(main);
    await says({ velnik: "outside", address: "https://tides.example/" });
    expect(result.current.outside).toBe("https://tides.example/");
  });
});
