// @vitest-environment happy-dom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { useAsked } from "./useAsked";

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

type Period = { readonly first: string; readonly last: string };
const YEAR: Period = { first: "--01-01", last: "--12-31" };
const FROM_MAY: Period = { ...YEAR, first: "--05-01" };
const SUMMER: Period = { ...FROM_MAY, last: "--09-30" };

/** A period whose answers come after 50 ms each, as a test says. */
function asking(...answers: readonly boolean[]) {
  const left = [...answers];
  const send = () => new Promise<boolean>((tell) => setTimeout(() => tell(left.shift() ?? false), 50));
  const { result, rerender } = renderHook((drawn: Period) => useAsked(drawn, send), { initialProps: YEAR });
  return {
    draws: (drawn: Period) => rerender({ ...drawn }),
    asks: (next: Period) => act(() => void result.current[1](next)),
    shown: () => result.current[0],
  };
}

const pass = (milliseconds: number) => act(() => vi.advanceTimersByTimeAsync(milliseconds));

it("shows what was taken on until it is drawn, however late, and then whatever is drawn", async () => {
  const period = asking(true);
  period.asks(FROM_MAY);
  expect(period.shown()).toEqual(FROM_MAY);
  await pass(5_000);
  expect(period.shown()).toEqual(FROM_MAY);
  period.draws(FROM_MAY);
  period.draws(SUMMER); // set by somebody else
  expect(period.shown()).toEqual(SUMMER);
});

it("gives way where something else than what was taken is there for long", async () => {
  const period = asking(true);
  period.asks(FROM_MAY);
  await pass(60);
  period.draws(SUMMER);
  expect(period.shown()).toEqual(FROM_MAY);
  await pass(10_000);
  expect(period.shown()).toEqual(SUMMER);
});

it("goes on from the part before, whose answer and drawing come while the next is on its way", async () => {
  const period = asking(true, true);
  period.asks(FROM_MAY);
  await pass(30);
  period.asks(SUMMER);
  await pass(30);
  period.draws(FROM_MAY);
  expect(period.shown()).toEqual(SUMMER);
  await pass(30);
  expect(period.shown()).toEqual(SUMMER);
  period.draws(SUMMER);
  expect(period.shown()).toEqual(SUMMER);
});

it("is as it was where it is refused, and leaves what was asked for since", async () => {
  const refused = asking(false);
  refused.asks(FROM_MAY);
  await pass(60);
  expect(refused.shown()).toEqual(YEAR);

  const asked = asking(false, true);
  asked.asks(FROM_MAY);
  await pass(30);
  asked.asks(SUMMER);
  await pass(30);
  expect(asked.shown()).toEqual(SUMMER);
});
