import type { Zone } from "../api/client";

/** A little page with the part of a zone filled. */
export function ZoneDrawing({ zone }: { readonly zone: Zone }) {
  const [x, y, width, height] = PARTS[zone];
  return (
    <svg className="zone-drawing" viewBox="0 0 26 30" width="26" height="30" aria-hidden="true">
      <rect x="0.5" y="0.5" width="25" height="29" fill="none" stroke="var(--edge)" />
      {zone === "PHONE_DRAWER" && <path d="M8.5 3.5h9v23h-9z" fill="none" stroke="var(--edge)" />}
      <rect x={x} y={y} width={width} height={height} fill="var(--tide)" />
    </svg>
  );
}

const PARTS: Readonly<Record<Zone, readonly [number, number, number, number]>> = {
  HEADER: [2, 2, 22, 5],
  ABOVE: [8, 8, 11, 3],
  SIDEBAR: [2, 8, 5, 15],
  BESIDE: [20, 8, 4, 15],
  BELOW: [8, 20, 11, 3],
  FOOTER: [2, 24, 22, 4],
  PHONE_DRAWER: [10, 5, 6, 13],
};
