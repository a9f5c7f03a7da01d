import { Button } from "antd";
import { api, type RowElsewhereDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import { Answered, useAnswer } from "../shared/answer";

export function useRowsElsewhere(revision: number, page: string) {
  return useAnswer(["rows elsewhere", page], revision, (signal) => api.rowsElsewhere(page, signal));
}

export function onPages({ title, pages }: RowElsewhereDto): string {
  return `on ${title}${pages > 1 ? ` and ${pages - 1} more` : ""}`;
}

/** Where rows of other pages stand in one line, as far as they are not those of the page in the window. */
export function RowsElsewhere(props: {
  readonly revision: number;
  /** The page in the window. */
  readonly page: string;
  readonly onPage: (page: string) => void;
}) {
  const { revision, page, onPage } = props;
  const answer = useRowsElsewhere(revision, page);
  return (
    <Answered answer={answer} what="how rows of other pages fit">
      {(rows) =>
        rows.length > 0 && (
          <section className="row-fit" aria-label="Rows of other pages">
            <h3>Rows of other pages</h3>
            <ul className="rows-elsewhere">
              {rows.map((row) => (
                <li key={`${row.zone} ${row.menu} ${row.page}`}>
                  <b>
                    {ZONE_WORDS[row.zone]}: {row.name}
                  </b>{" "}
                  <span className="hint">{onPages(row)}</span>
                  <br />
                  {row.holds}
                  <Button size="small" onClick={() => onPage(row.page)}>
                    See {row.title}
                  </Button>
                </li>
              ))}
            </ul>
          </section>
        )
      }
    </Answered>
  );
}
