import { Tooltip } from "antd";
import { SteadyButton } from "../shared/SteadyButton";

/** A button of the line of actions; its hint names the key. */
export function Action(props: {
  readonly label: string;
  readonly name?: string;
  readonly hint: string;
  readonly idle?: boolean;
  readonly onClick: () => void;
}) {
  return (
    <Tooltip title={props.hint} mouseEnterDelay={0.4}>
      <SteadyButton
        type="text"
        size="small"
        aria-label={props.name}
        idle={props.idle ?? false}
        onClick={props.onClick}
      >
        {props.label}
      </SteadyButton>
    </Tooltip>
  );
}
