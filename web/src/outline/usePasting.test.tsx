// @vitest-environment happy-dom
import { act, cleanup, render, renderHook, screen } from "@testing-library/react";
import type { ClipboardEvent } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { Unreachable } from "../api/client";
import type { Result } from "../working-copy/store";
import { type Foretold, usePasting } from "./usePasting";

afterEach(cleanup);

const LIST = "Hire\n\tCanoes\n\tKayaks";
const FINE: Foretold = { words: "3 pages.", lines: [], more: 0, refused: [] };
const DONE = { ok: true } as Result;

function pasting(foretell: (text: string) => Promise<Foretold>, add = vi.fn(async () => DONE)) {
  const { result } = renderHook(() => usePasting(foretell, add));
  const paste = async (text: string) => {
    const preventDefault = vi.fn();
    const event = { clipboardData: { getData: () => text }, preventDefault };
    await act(async () => result.current.onPaste(event as unknown as ClipboardEvent));
    return preventDefault.mock.calls.length > 0;
  };
  return { result, paste, add };
}

describe("a pasted text", () => {
  it.each([
    ["Hire", false],
    ["Hire\n", false],
    ["\n  Hire  \n\n", false],
    ["Hire\nCanoes", true],
    ["Hire\r\n\r\n\tCanoes", true],
  ])("%j is a list: %s", async (text, isList) => {
    const { paste, result } = pasting(async () => FINE);
    expect(await paste(text)).toBe(isList);
    expect(result.current.waits).toBe(isList);
  });

  it("is told first, and added when that is confirmed", async () => {
    const { paste, result, add } = pasting(async () => FINE);
    await paste(LIST);
    render(result.current.note);
    expect(screen.getByRole("status").textContent).toContain("The list would add 3 pages.");
    expect(add).not.toHaveBeenCalled();
    await act(() => result.current.confirm());
    expect(add).toHaveBeenCalledExactlyOnceWith(LIST);
    expect(result.current.waits).toBe(false);
  });

  it("that is refused cannot be confirmed, and tells three lines at most", async () => {
    const refused = ["Line 1.", "Line 2.", "Line 3.", "Line 4.", "Line 5."];
    const { paste, result, add } = pasting(async () => ({ words: "5 pages.", lines: [], more: 0, refused }));
    await paste(LIST);
    render(result.current.note);
    const said = screen.getByRole("status").textContent;
    expect(said).toContain("Line 3.And 2 more.");
    expect(said).not.toContain("Line 4");
    await act(() => result.current.confirm());
    expect(add).not.toHaveBeenCalled();
    expect(result.current.waits).toBe(true);
  });

  it("that was discarded while it was read does not come back", async () => {
    let answer: (told: Foretold) => void = () => {};
    const { paste, result } = pasting(() => new Promise((resolve) => (answer = resolve)));
    await paste(LIST);
    act(() => result.current.discard());
    await act(async () => answer(FINE));
    expect(result.current.waits).toBe(false);
  });

  it("that could not be read, or not be added, says why", async () => {
    const unread = pasting(() => Promise.reject(new Unreachable()));
    await unread.paste(LIST);
    expect(unread.result.current).toMatchObject({
      waits: false,
      problem: "Velnik does not answer just now.",
    });
    const full = pasting(
      async () => FINE,
      vi.fn(async () => ({ ok: false, sentence: "It is full." }) as Result),
    );
    await full.paste(LIST);
    await act(() => full.result.current.confirm());
    expect(full.result.current).toMatchObject({ waits: false, problem: "It is full." });
  });
});
