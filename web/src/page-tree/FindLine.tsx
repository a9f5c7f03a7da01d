import { Button, Input } from "antd";
import { Later } from "../shared/Later";
import type { PageTree } from "../working-copy/tree";
import { ASKED, type Asked, type Filter, filters, type Known, pagesFor } from "./filter";

const WORDS: Readonly<Record<Asked, readonly [name: string, hint: string]>> = {
  unplaced: ["Unplaced", "Pages that no menu shows"],
  withheld: ["Withheld", "Pages that are held back or by link only"],
  changed: ["Changed", "Pages with something that waits to be published"],
};

/** Finds pages by what is typed and by what they have in common; the questions combine. */
export function FindLine(props: {
  readonly tree: PageTree;
  readonly known: Known;
  readonly filter: Filter;
  /** How many pages are found. */
  readonly count: number;
  readonly onFilter: (filter: Filter) => void;
  /** Goes on to the rows. */
  readonly onLeave: () => void;
}) {
  const { filter, onFilter } = props;
  const ask = (asked: Asked) => {
    const next = new Set(filter.asked);
    if (!next.delete(asked)) next.add(asked);
    onFilter({ ...filter, asked: next });
  };
  return (
    <search className="find-line">
      <Input
        value={filter.text}
        placeholder="Find a page…"
        aria-label="Find a page"
        onChange={(event) => onFilter({ ...filter, text: event.target.value })}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === "Escape") onFilter({ ...filter, text: "" });
          if (event.key === "Escape" || event.key === "Enter" || event.key === "ArrowDown") {
            event.preventDefault();
            props.onLeave();
          }
        }}
      />
      <Later of={[...filter.asked].join()}>
        {ASKED.map((asked) => (
          <Question
            key={asked}
            asked={asked}
            tree={props.tree}
            known={props.known}
            on={filter.asked.has(asked)}
            onSwitch={() => ask(asked)}
          />
        ))}
      </Later>
      <span className="hint" role="status">
        {filters(filter) && (props.count === 1 ? "1 page found" : `${props.count} pages found`)}
      </span>
    </search>
  );
}

function Question(props: {
  readonly asked: Asked;
  readonly tree: PageTree;
  readonly known: Known;
  readonly on: boolean;
  readonly onSwitch: () => void;
}) {
  const [name, hint] = WORDS[props.asked];
  return (
    <Button
      type={props.on ? "primary" : "default"}
      aria-pressed={props.on}
      title={hint}
      onClick={props.onSwitch}
    >
      {name} {pagesFor(props.tree, props.known, props.asked).length}
    </Button>
  );
}
