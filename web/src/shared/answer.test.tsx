// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, cleanup, renderHook } from "@testing-library/react";
import type { ReactNode } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Unreachable } from "../api/client";
import { type Answer, useAnswer, useLasting } from "./answer";

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

type Asked = { readonly about: string; readonly at: number };

/** A question whose answers a test gives; each call of `ask` is one that went out. */
function asking(options: Parameters<typeof useAnswer>[3], ask: (asked: Asked) => Promise<string>) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  return renderHook((asked: Asked) => useAnswer(["it", asked.about], asked.at, () => ask(asked), options), {
    wrapper,
    initialProps: { about: "hire", at: 1 },
  });
}

const pass = (milliseconds: number) => act(() => vi.advanceTimersByTimeAsync(milliseconds));
const statusOf = (answer: Answer<string>) => (answer.status === "known" ? answer.value : answer.status);

describe("an answer", () => {
  it("is being asked for until it is there, and stays while a newer one is asked for", async () => {
    const answers = ["one", "two"];
    const ask = vi.fn(() => new Promise<string>((tell) => setTimeout(() => tell(answers.shift() ?? ""), 50)));
    const { result, rerender } = asking({}, ask);
    expect(statusOf(result.current)).toBe("asking");
    await pass(60);
    expect(statusOf(result.current)).toBe("one");
    rerender({ about: "hire", at: 2 });
    expect(statusOf(result.current)).toBe("one");
    await pass(60);
    expect(statusOf(result.current)).toBe("two");
  });

  it("about one thing is never taken for one about another", async () => {
    const { result, rerender } = asking({}, async ({ about }) => about);
    await pass(1);
    expect(statusOf(result.current)).toBe("hire");
    rerender({ about: "cafe", at: 1 });
    expect(statusOf(result.current)).toBe("asking");
    await pass(1);
    expect(statusOf(result.current)).toBe("cafe");
  });

  it("that cannot be had says so in a sentence, and can be asked for again", async () => {
    const ask = vi.fn(async () => "there").mockRejectedValueOnce(new Unreachable());
    const { result } = asking({}, ask);
    await pass(1);
    const failed = result.current;
    expect(failed).toMatchObject({ status: "failed", sentence: "Velnik does not answer just now." });
    if (failed.status === "failed") failed.again();
    await pass(1);
    expect(statusOf(result.current)).toBe("there");
  });

  it("is asked for once the question rests, however many keys ran by", async () => {
    const ask = vi.fn(async ({ about }: Asked) => about);
    const { result, rerender } = asking({ rest: 150 }, ask);
    for (let key = 0; key < 10; key++) {
      rerender({ about: `page-${key}`, at: 1 });
      await pass(30);
    }
    expect(ask).not.toHaveBeenCalled();
    await pass(160);
    await pass(1);
    expect(ask).toHaveBeenCalledTimes(1);
    expect(statusOf(result.current)).toBe("page-9");
  });
});

describe("what a whole screen is made of", () => {
  it("stays when a newer one cannot be had, and is asked for again", async () => {
    const again = vi.fn();
    const { result, rerender } = renderHook((answer: Answer<string>) => useLasting(answer), {
      initialProps: { status: "asking" } as Answer<string>,
    });
    expect(result.current.status).toBe("asking");
    rerender({ status: "known", value: "menus" });
    rerender({ status: "failed", sentence: "No.", again });
    expect(result.current).toEqual({ status: "known", value: "menus" });
    await pass(2_000);
    expect(again).toHaveBeenCalledTimes(1);
  });
});
