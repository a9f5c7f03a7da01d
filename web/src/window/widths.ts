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

/** From where to where something reaches sideways, in pixels. */
export type Across = { readonly left: number; readonly right: number };

/** Pixels beside what is brought into sight that tell where it is, if there is room for them. */
const BESIDE = 120;

/** Where to scroll from `seen` so that all of `at` is in sight, or its beginning; it stays if that is so already. */
export function leftToSee(at: Across, seen: Across): number {
  if (at.left >= seen.left && at.right <= seen.right) return seen.left;
  const room = seen.right - seen.left;
  const beside = Math.max(0, Math.min(BESIDE, (room - (at.right - at.left)) / 2));
  const first = Math.max(0, at.left - beside);
  return at.left < seen.left ? first : Math.min(first, at.right + beside - room);
}
