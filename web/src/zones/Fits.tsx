import { Slider } from "antd";
import { useState } from "react";
import { api, type ZonesDto } from "../api/client";
import { useAnswer } from "../shared/answer";
import { NotYet } from "../shell/NotYet";
import type { WorkingCopyStore } from "../working-copy/store";
import { MenuFit } from "./MenuFit";

const LEAST = 320;
const MOST = 1920;

/** Milliseconds that the slider has to rest before the server is asked. */
const REST = 60;

/** Where the menus of a page have room in one line, drawn to scale at any width, and what would give it them. */
export function Fits(props: {
  readonly store: WorkingCopyStore;
  readonly revision: number;
  readonly table: ZonesDto;
  /** The page in the window. */
  readonly page: string;
  readonly title: string;
}) {
  const { revision, page, title } = props;
  const [width, setWidth] = useState(1024);
  const answer = useAnswer(["fit", page], `${revision} ${width}`, (signal) => api.fit(page, width, signal), {
    rest: REST,
    atOnce: true,
  });
  if (answer.status !== "known") return <NotYet answer={answer} what="how its menus fit" />;
  if (answer.value.length === 0) {
    return <p className="fits hint">No menu stands open on {title}, so none can be too long for one line.</p>;
  }
  return (
    <section className="fits" aria-label={`How menus fit on ${title}`}>
      <h3>How menus fit on {title}</h3>
      <div className="fit-width">
        <Slider
          min={LEAST}
          max={MOST}
          value={width}
          onChange={setWidth}
          tooltip={{ open: false }}
          ariaLabelForHandle="Width of the screen"
          ariaValueTextFormatterForHandle={(at) => `${at} px`}
        />
        <span>
          Screen {width} px wide <span className="hint">without a scroll bar</span>
        </span>
      </div>
      {answer.value.map((fit) => (
        <MenuFit key={`${fit.zone} ${fit.menu}`} {...props} fit={fit} onWidth={setWidth} />
      ))}
    </section>
  );
}
