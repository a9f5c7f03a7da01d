// @vitest-environment happy-dom
import { act, cleanup, renderHook } from "@testing-library/react";
import type { PointerEvent as ReactPointerEvent } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { type Load, onDrop, press, useDrag } from "./drag";

const LOAD: Load = { from: "rows", ids: ["canoes"], level: 2, name: "Canoes" };

let drag: { readonly current: ReturnType<typeof useDrag> };
beforeEach(() => {
  vi.useFakeTimers();
  drag = renderHook(useDrag).result;
});
afterEach(() => {
  send("pointercancel");
  cleanup();
  vi.useRealTimers();
});

function down(pointerType: string, load: () => Load | null = () => LOAD, also: object = {}): void {
  const event = { button: 0, isPrimary: true, pointerType, pointerId: 7, clientX: 100, clientY: 50, ...also };
  press(event as ReactPointerEvent, load);
}

function send(type: string, clientX = 100, clientY = 50, pointerId = 7): void {
  act(() => {
    document.dispatchEvent(new PointerEvent(type, { clientX, clientY, pointerId }));
  });
}

describe("a press of a mouse", () => {
  it("is a drag once it has moved a little, and drops where it is let go", () => {
    const dropped = vi.fn();
    down("mouse");
    send("pointermove", 104, 50);
    expect(drag.current).toBeNull();
    send("pointermove", 110, 60);
    expect(drag.current).toEqual({ load: LOAD, x: 110, y: 60, fromX: 100 });
    onDrop(dropped);
    send("pointerup");
    expect(dropped).toHaveBeenCalledOnce();
    expect(drag.current).toBeNull();
  });

  it("that is let go before is none", () => {
    const dropped = vi.fn();
    onDrop(dropped);
    down("mouse");
    send("pointerup");
    send("pointermove", 200, 200);
    expect(drag.current).toBeNull();
    expect(dropped).not.toHaveBeenCalled();
    onDrop(null);
  });

  it("goes by its own pointer, and by the first button", () => {
    down("mouse", () => LOAD, { button: 2 });
    send("pointermove", 200, 200);
    expect(drag.current).toBeNull();
    down("mouse");
    send("pointermove", 200, 200, 8);
    expect(drag.current).toBeNull();
  });

  it("on what may not be dragged stays a press", () => {
    down("mouse", () => null);
    send("pointermove", 200, 200);
    expect(drag.current).toBeNull();
  });

  it("is given up by Escape, which nobody else hears then", () => {
    const heard = vi.fn();
    const dropped = vi.fn();
    window.addEventListener("keydown", heard);
    down("mouse");
    send("pointermove", 200, 200);
    onDrop(dropped);
    act(() => {
      document.body.dispatchEvent(
        new KeyboardEvent("keydown", { key: "Escape", bubbles: true, cancelable: true }),
      );
    });
    expect(drag.current).toBeNull();
    send("pointerup");
    expect(dropped).not.toHaveBeenCalled();
    expect(heard).not.toHaveBeenCalled();
    window.removeEventListener("keydown", heard);
  });

  it("that ended a drag makes no click, and the next one does", () => {
    const clicked = vi.fn();
    document.body.addEventListener("click", clicked);
    down("mouse");
    send("pointermove", 200, 200);
    send("pointerup");
    document.body.click();
    expect(clicked).not.toHaveBeenCalled();
    vi.advanceTimersByTime(1);
    document.body.click();
    expect(clicked).toHaveBeenCalledOnce();
    document.body.removeEventListener("click", clicked);
  });
});

describe("a finger", () => {
  it("drags once it has rested, and scrolls when it moves before", () => {
    down("touch");
    act(() => vi.advanceTimersByTime(440));
    expect(drag.current).toBeNull();
    act(() => vi.advanceTimersByTime(20));
    expect(drag.current?.load).toBe(LOAD);
    send("pointercancel");
    down("touch");
    send("pointermove", 100, 80);
    act(() => vi.advanceTimersByTime(1_000));
    expect(drag.current).toBeNull();
  });
});
