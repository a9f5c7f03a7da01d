import type { RefObject } from "react";

export type Drawing = {
  /** Pixels that the page is laid out at. */
  readonly laidOut: number;
  readonly scale: number;
  /** Pixels that it has on the screen. */
  readonly width: number;
  readonly height: number;
};

/** A page at a scale, in the middle of what room it has. */
export function Drawn(
  props: Drawing & {
    readonly frameRef: RefObject<HTMLIFrameElement | null>;
    readonly title: string;
    readonly source: string;
  },
) {
  const { laidOut, scale, width, height } = props;
  return (
    <iframe
      ref={props.frameRef}
      title={props.title}
      src={props.source}
      sandbox="allow-scripts allow-forms"
      style={{
        width: laidOut,
        height: height / scale,
        transform: `scale(${scale})`,
        marginInlineStart: Math.max(0, (width - laidOut * scale) / 2),
      }}
    />
  );
}
