import { describe, expect, it } from "vitest";
import { dark, light, markOn, type Palette, textOn } from "./tokens";

describe.each([
  ["light", light],
  ["dark", dark],
] as const)("the %s palette", (_name, palette) => {
  it.each(textOn)("has %s on %s legible as text", (text, ground) => {
    expect(contrast(palette, text, ground)).toBeGreaterThanOrEqual(4.5);
  });
  it.each(markOn)("has %s on %s visible as a mark", (mark, ground) => {
    expect(contrast(palette, mark, ground)).toBeGreaterThanOrEqual(3);
  });
});

/** As WCAG 2.2 defines it: 1 to 21. */
function contrast(palette: Palette, one: keyof Palette, other: keyof Palette): number {
  const [high, low] = [luminance(palette[one]), luminance(palette[other])].sort((a, b) => b - a) as [
    number,
    number,
  ];
  return (high + 0.05) / (low + 0.05);
}

function luminance(hex: string): number {
  const [red, green, blue] = [1, 3, 5].map((at) => {
    const part = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}
