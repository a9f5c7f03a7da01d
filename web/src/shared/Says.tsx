import { Popover } from "antd";
import type { ReactElement } from "react";
import { Problem } from "./Problem";

/** A sentence about what it surrounds, to be read whole however little room there is. */
export function Says(props: {
  readonly sentence: string | null | undefined;
  readonly above?: boolean;
  readonly children: ReactElement;
}) {
  const sentence = props.sentence || null;
  return (
    <Popover
      open={sentence !== null}
      placement={props.above ? "topLeft" : "bottomLeft"}
      rootClassName="says"
      content={<Problem sentence={sentence} />}
    >
      {props.children}
    </Popover>
  );
}
