import { Button } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import type { FitDto, PlacedDto, ZonesDto } from "../api/client";
import { menusAddress } from "../menus/address";
import { ZONE_WORDS } from "../menus/words";
import { Problem } from "../shared/Problem";
import type { Result, WorkingCopyStore } from "../working-copy/store";
import { FitDrawing } from "./FitDrawing";
import { altered, standings, withPart } from "./says";
import { useSaying } from "./useZones";

/** How one menu fits where it stands: a row, or labels one under the other. */
export function MenuFit(props: {
  readonly store: WorkingCopyStore;
  readonly table: ZonesDto;
  readonly fit: FitDto;
  readonly onWidth: (width: number) => void;
}) {
  const { store, table, fit, onWidth } = props;
  const say = useSaying(store);
  const [problem, setProblem] = useState<string | null>(null);
  const all = standings(table, fit.menu).filter(({ zone }) => zone === fit.zone);
  /** Where several exceptions say that it stands there, it is not clear for which pages something is to be set. */
  const standing = all.length === 1 ? all[0] : undefined;
  const done = (change: Promise<Result>) =>
    void change.then((result) => setProblem(result.ok ? null : result.sentence));
  return (
    <article className="row-fit" aria-label={`${fit.name} in ${ZONE_WORDS[fit.zone]}`}>
      <h4>
        {ZONE_WORDS[fit.zone]}: {fit.name}
      </h4>
      <p>
        {fit.holds} <span className="hint">{fit.about}</span>
      </p>
      <div className="fit-at">
        {fit.at.map(({ width, state, says }) => (
          <button
            type="button"
            key={width}
            className={state === "WRAPS" ? "is-long" : ""}
            aria-pressed={width === fit.shown.width}
            title={says}
            onClick={() => onWidth(width)}
          >
            <b>{width}</b> {state === "AWAY" && fit.zone === "HEADER" ? "drawer" : BRIEFLY[state]}
          </button>
        ))}
      </div>
      <FitDrawing fit={fit} />
      <p role="status">
        {fit.shown.width} px: {fit.shown.says}.
      </p>
      {fit.adjustments.length > 0 && (
        <>
          <p className="hint">What would help there:</p>
          <ul className="adjustments">
            {fit.adjustments.map(({ kind, holds, count, says }) => {
              const part = PLACED[kind];
              return (
                <li key={kind}>
                  {says}
                  {holds && part && standing && (
                    <Button
                      size="small"
                      aria-label={`Set it for ${standing.name}: ${says}`}
                      onClick={() =>
                        done(
                          say(fit.zone, standing.scope, (now) =>
                            withPart(now, standing.part, (there) => altered(there, fit.menu, part)),
                          ),
                        )
                      }
                    >
                      Set it for {standing.name}
                    </Button>
                  )}
                  {holds && kind === "WIDER_SIDES" && (
                    <Button
                      size="small"
                      aria-label={`Set it: ${says}`}
                      onClick={() =>
                        done(store.change({ kind: "setToken", token: "SIDES", value: String(count) }))
                      }
                    >
                      Set it
                    </Button>
                  )}
                  {OF_ITEMS.has(kind) && (
                    <Link to={menusAddress({ menu: fit.menu, item: null, page: null })}>
                      Change {fit.name}
                    </Link>
                  )}
                </li>
              );
            })}
          </ul>
        </>
      )}
      <Problem sentence={problem} />
    </article>
  );
}

const BRIEFLY: Readonly<Record<FitDto["shown"]["state"], string>> = {
  HOLDS: "one line",
  WRAPS: "wraps",
  MORE: "“More”",
  FOLDED: "button",
  AWAY: "not shown",
};

/** What is set of a menu in its zone, where that helps. */
const PLACED: Partial<Record<FitDto["adjustments"][number]["kind"], Partial<PlacedDto>>> = {
  FULL_WIDTH: { width: "FULL" },
  TIGHT_GAP: { gap: "TIGHT" },
  SMALL_TYPE: { size: "SMALL" },
  TIGHT_AND_SMALL: { gap: "TIGHT", size: "SMALL" },
  MORE: { overflow: "MORE" },
  FOLD: { overflow: "FOLD" },
};

/** What is done to the items of a menu, one by one or to some of them. */
const OF_ITEMS: ReadonlySet<FitDto["adjustments"][number]["kind"]> = new Set([
  "ICONS_ALONE",
  "SHORTER_LABELS",
  "FEWER_ITEMS",
]);
