import { Segmented } from "antd";
import type { Width } from "./widths";

/** The width of the screen that a preview is as on. */
export function WidthChoice(props: {
  readonly width: Width;
  readonly onWidth: (width: Width) => void;
  /** Of several screens at once. */
  readonly several?: boolean;
  readonly small?: boolean;
}) {
  return (
    <Segmented<Width>
      size={props.small ? "small" : "middle"}
      value={props.width}
      onChange={props.onWidth}
      aria-label={props.several ? "Width of the screens" : "Width of the screen"}
      options={[
        { value: "wide", label: "Wide" },
        { value: "tablet", label: "Tablet" },
        { value: "phone", label: "Phone" },
      ]}
    />
  );
}
