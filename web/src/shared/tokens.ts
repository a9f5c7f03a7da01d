/** The colours of the editor. Light is warm paper and deep ink; dark is the same chart by lamplight. */
export type Palette = Readonly<
  Record<
    | "paper" // the desk
    | "sheet" // fields and floating parts
    | "faint" // bands and heads
    | "ground" // around the visitor's page
    | "ink" // text, strong lines
    | "soft" // text that comes second
    | "rule" // thin lines
    | "edge" // borders of fields and marks
    | "tide" // what acts, and selection
    | "onTide" // text on it
    | "tideWash" // behind selected rows
    | "brass" // only what waits to be published
    | "brassWash"
    | "brick", // only problems
    string
  >
>;

export const light: Palette = {
  paper: "#F7F4EC",
  sheet: "#FFFDF8",
  faint: "#EAE4D6",
  ground: "#E3DCCB",
  ink: "#1E2A32",
  soft: "#5B6770",
  rule: "#D9D2C1",
  edge: "#877F6D",
  tide: "#2C6E63",
  onTide: "#FFFFFF",
  tideWash: "#DCEBE6",
  brass: "#85590F",
  brassWash: "#F5EAD4",
  brick: "#A63D2F",
};

export const dark: Palette = {
  paper: "#161D22",
  sheet: "#1E272D",
  faint: "#222C33",
  ground: "#0F1518",
  ink: "#ECE7DA",
  soft: "#A9B1B4",
  rule: "#35414A",
  edge: "#7E8A90",
  tide: "#6FBFAE",
  onTide: "#10201D",
  tideWash: "#22403A",
  brass: "#E0B35C",
  brassWash: "#3A301B",
  brick: "#F0958A",
};

/** Pixels. */
export const sizes = { small: 13, text: 15, heading: 20, corner: 3, line: 52 } as const;

/** Text that is read on a ground: at least 4.5 to 1. */
export const textOn: readonly (readonly [keyof Palette, keyof Palette])[] = [
  ["ink", "paper"],
  ["ink", "sheet"],
  ["ink", "faint"],
  ["ink", "tideWash"],
  ["soft", "paper"],
  ["soft", "sheet"],
  ["soft", "faint"],
  ["soft", "tideWash"],
  ["tide", "sheet"],
  ["tide", "paper"],
  ["onTide", "tide"],
  ["paper", "ink"],
  ["brass", "brassWash"],
  ["brick", "paper"],
  ["brick", "sheet"],
  ["brick", "tideWash"],
];

/** Marks and borders of fields against their ground: at least 3 to 1. */
export const markOn: readonly (readonly [keyof Palette, keyof Palette])[] = [
  ["edge", "paper"],
  ["edge", "sheet"],
  ["edge", "faint"],
  ["tide", "paper"],
  ["tide", "tideWash"],
  ["ink", "faint"],
];
