import { Button, Tooltip } from "antd";

/** A button of the line of actions; its hint names the key. */
export function Action(props: {
  readonly label: string;
  readonly name?: string;
  readonly hint: string;
  readonly disabled?: boolean;
  readonly onClick: () => void;
}) {
  return (
    <Tooltip title={props.hint} mouseEnterDelay={0.4}>
      <Button
        type="text"
        size="small"
        aria-label={props.name}
        disabled={props.disabled ?? false}
        onClick={props.onClick}
      >
        {props.label}
      </Button>
    </Tooltip>
  );
}
