import type { CSSProperties } from "react";
import type { FitDto } from "../api/client";

/** Pixels of the visitor's page, of which a line of the drawing has as many. */
const LINE = 40;

/** A row of menu items to scale: what room it has on the screen, and what stands where in it. */
export function FitDrawing({ shown }: { readonly shown: FitDto["shown"] }) {
  if (shown.state === "AWAY") return null;
  const { width: screen, room, lines } = shown;
  const percent = (length: number) => `${(length / screen) * 100}%`;
  return (
    <div className="fit-screen" style={{ width: screen }} aria-hidden="true">
      <div
        className="fit-room"
        style={{ width: percent(room), "--px": `${100 / screen}cqw`, "--line": LINE } as CSSProperties}
      >
        {lines.map((line, index) => (
          <div className="fit-line" key={index}>
            {line.map(({ label, iconAlone, start, width }) => (
              <span
                key={start}
                className="fit-box"
                title={`${label}: ${Math.round(width)} px`}
                style={{
                  insetInlineStart: `calc(${start} * var(--px))`,
                  width: `calc(${width} * var(--px))`,
                }}
              >
                {!iconAlone && label}
              </span>
            ))}
          </div>
        ))}
      </div>
    </div>
  );
}
