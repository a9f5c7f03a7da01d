import { Button, Tooltip } from "antd";

/** Lets each press on a row tick it, for those who choose several rows without a key. */
export function Several(props: { readonly on: boolean; readonly onSwitch: (on: boolean) => void }) {
  return (
    <Tooltip title="Each press takes a row more or one fewer (Shift+Up, Down; Ctrl+Space)">
      <Button
        size="small"
        type={props.on ? "primary" : "default"}
        aria-pressed={props.on}
        onClick={() => props.onSwitch(!props.on)}
      >
        Select several
      </Button>
    </Tooltip>
  );
}
