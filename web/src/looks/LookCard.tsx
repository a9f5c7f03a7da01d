import { Button } from "antd";
import { api } from "../api/client";
import { Answered, useAnswer } from "../shared/answer";
import { newId } from "../shared/ids";
import { useSize } from "../window/useSize";
import { WIDTHS } from "../window/widths";
import { LookFrame } from "./LookFrame";
import type { LOOKS, Look } from "./looks";

/** Pixels of a screen's height, the same for both. */
const HEIGHT = 800;
const BETWEEN = 12;

/** One look: the site in it at two widths, what would be otherwise, and the button that takes it. */
export function LookCard(props: {
  readonly about: (typeof LOOKS)[number];
  readonly inUse: boolean;
  readonly base: string;
  readonly page: string;
  readonly revision: number;
  readonly mayEdit: boolean;
  readonly onUse: (look: Look) => void;
}) {
  const { about, inUse, base, page, revision } = props;
  const [ref, size] = useSize();
  const scale = Math.max(0, (size.width - BETWEEN) / (WIDTHS.wide + WIDTHS.phone));
  const told = useAnswer(
    ["look", about.look],
    revision,
    async (signal) =>
      (await api.would(newId(), revision, [{ kind: "setLook", look: about.look }], signal)).told.join(" "),
    { enabled: !inUse && props.mayEdit }, // readers cannot choose it
  );
  return (
    <section className={inUse ? "look in-use" : "look"} aria-label={about.name}>
      <div className="look-head">
        <h3>{about.name}</h3>
        <span>{about.says}</span>
        {inUse ? (
          <strong>In use</strong>
        ) : (
          props.mayEdit && <Button onClick={() => props.onUse(about.look)}>Use {about.name}</Button>
        )}
      </div>
      <div className="look-frames" ref={ref}>
        <LookFrame
          {...{ base, page, scale }}
          look={about.look}
          width={WIDTHS.wide}
          height={HEIGHT}
          screen="wide"
        />
        <LookFrame
          {...{ base, page, scale }}
          look={about.look}
          width={WIDTHS.phone}
          height={HEIGHT}
          screen="phone"
        />
      </div>
      {!inUse && props.mayEdit && (
        <Answered answer={told} what="what would be otherwise">
          {(sentences) => <p className="hint">{sentences}</p>}
        </Answered>
      )}
    </section>
  );
}
