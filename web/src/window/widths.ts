/** The screens a site is looked at on: pixels that the page is laid out at. */
export const WIDTHS = { wide: 1280, tablet: 820, phone: 390 } as const;

export type Width = keyof typeof WIDTHS;

/** How large the page is drawn: so that its text can be read, so that all of it is seen, or as on its own screen. */
export type Size = "readable" | "overview" | "true";

/** Below this share of its true size, text is a picture of text. */
const READABLE = 0.7;

const SIZES: readonly Size[] = ["readable", "overview", "true"];

/** The scale at each size, where the whole width fits at `fit`. */
export function scaleAt(size: Size, fit: number): number {
  switch (size) {
    case "readable":
      return Math.max(fit, READABLE);
    case "overview":
      return fit;
    case "true":
      return 1;
  }
}

/** The next size that looks different; null where all are one. */
export function nextSize(size: Size, fit: number): Size | null {
  const at = SIZES.indexOf(size);
  const others = [...SIZES.slice(at + 1), ...SIZES.slice(0, at)];
  return others.find((other) => scaleAt(other, fit) !== scaleAt(size, fit)) ?? null;
}
