import type { CSSProperties } from "react";
import type { FitDto } from "../api/client";

/** Pixels of the visitor's page, of which a line of the drawing has as many. */
const ROW = 40;
const LABEL = 30;

/** To scale: what room a menu has on the screen, and what stands where in it; of a column, the labels that are too long. */
export function FitDrawing({ fit }: { readonly fit: FitDto }) {
  const { width: screen, room, lines, state } = fit.shown;
  if (state === "AWAY") return null;
  const percent = (length: number) => `${(length / screen) * 100}%`;
  return (
    <div className="fit-screen" style={{ width: screen }} aria-hidden="true">
      <div
        className={`fit-room ${sideOf(fit)}`}
        style={
          {
            width: percent(room),
            "--px": `${100 / screen}cqw`,
            "--line": fit.across ? ROW : LABEL,
          } as CSSProperties
        }
      >
        {lines.map((line, index) => (
          <div className="fit-line" key={index}>
            {line.map(({ label, iconAlone, start, width }) => (
              <span
                key={start}
                className={`fit-box ${!fit.across && state === "WRAPS" ? "is-long" : ""}`}
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

function sideOf({ zone, across }: FitDto): string {
  if (across || zone === "FOOTER" || zone === "ABOVE" || zone === "BELOW") return "";
  return zone === "BESIDE" ? "at-end" : "at-start";
}
