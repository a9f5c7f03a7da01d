import { Select } from "antd";
import { useState } from "react";
import { useSize } from "../window/useSize";
import { WidthChoice } from "../window/WidthChoice";
import { WIDTHS, type Width } from "../window/widths";
import { LookFrame } from "./LookFrame";
import { LOOKS, type Look } from "./looks";

/** Two looks of the same page. A link followed in one is followed in the other. */
export function SideBySide(props: {
  readonly inUse: Look;
  readonly base: string;
  readonly page: string;
  readonly onPage: (page: string) => void;
}) {
  const [pair, setPair] = useState<readonly [Look, Look]>([
    props.inUse,
    LOOKS.find(({ look }) => look !== props.inUse)?.look ?? props.inUse,
  ]);
  const [width, setWidth] = useState<Width>("wide");
  return (
    <>
      <WidthChoice several width={width} onWidth={setWidth} />
      <div className="look-pair">
        {pair.map((look, side) => (
          <Side
            key={side}
            {...props}
            look={look}
            width={width}
            side={side === 0 ? "left" : "right"}
            onLook={(other) => setPair(side === 0 ? [other, pair[1]] : [pair[0], other])}
          />
        ))}
      </div>
    </>
  );
}

function Side(props: {
  readonly look: Look;
  readonly width: Width;
  readonly side: "left" | "right";
  readonly base: string;
  readonly page: string;
  readonly onLook: (look: Look) => void;
  readonly onPage: (page: string) => void;
}) {
  const { width } = props;
  const [ref, size] = useSize();
  const scale = Math.min(1, size.width / WIDTHS[width]);
  return (
    <div className="look-side">
      <Select<Look>
        value={props.look}
        aria-label={`The look on the ${props.side}`}
        options={LOOKS.map(({ look, name }) => ({ value: look, label: name }))}
        onChange={props.onLook}
      />
      <div className="look-frames tall" ref={ref}>
        <LookFrame
          base={props.base}
          look={props.look}
          page={props.page}
          width={WIDTHS[width]}
          height={size.height / scale}
          scale={scale}
          screen={width}
          onVisit={props.onPage}
        />
      </div>
    </div>
  );
}
