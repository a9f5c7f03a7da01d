import { Link } from "react-router";
import { api } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import { Answered, useAnswer } from "../shared/answer";
import { onPages, useRowsElsewhere } from "./RowsElsewhere";

/** Pixels; what is told of a menu holds for every width. */
const ANY = 1024;

/** From which width of the screen on a menu of a page stands in one line, or each of its labels does. */
export function MenuFits(props: { readonly revision: number; readonly page: string; readonly menu: string }) {
  const { revision, page, menu } = props;
  const answer = useAnswer(["fit", page], `${revision} ${ANY}`, (signal) => api.fit(page, ANY, signal));
  const elsewhere = useRowsElsewhere(revision, page);
  return (
    <>
      <Answered answer={answer} what="how it fits">
        {(fits) =>
          fits
            .filter((fit) => fit.menu === menu)
            .map((fit, index) => (
              <p className="hint" key={fit.zone}>
                {ZONE_WORDS[fit.zone]}: {fit.holds} {index === 0 && <Link to="/zones">How menus fit</Link>}
              </p>
            ))
        }
      </Answered>
      <Answered answer={elsewhere} what="how it fits on other pages">
        {(rows) =>
          rows
            .filter((row) => row.menu === menu)
            .map((row) => (
              <p className="hint" key={`${row.zone} ${row.page}`}>
                {ZONE_WORDS[row.zone]} {onPages(row)}: {row.holds}
              </p>
            ))
        }
      </Answered>
    </>
  );
}
