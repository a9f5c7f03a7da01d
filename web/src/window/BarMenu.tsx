import { Button, Dropdown, type MenuProps, Tooltip } from "antd";
import { useState } from "react";

/** A button of the bar above the window that opens a menu; its hint goes when the menu comes, which it would cover. */
export function BarMenu(props: {
  readonly label: string;
  /** What it is called, where its label is short for it. */
  readonly name?: string;
  readonly hint: string;
  /** Whether something other than the usual is chosen in it. */
  readonly on: boolean;
  readonly menu: MenuProps;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Dropdown trigger={["click"]} autoFocus menu={props.menu} onOpenChange={setOpen}>
      <Tooltip title={open ? "" : props.hint}>
        <Button type="text" size="small" aria-label={props.name} className={props.on ? "on" : ""}>
          {props.label}
        </Button>
      </Tooltip>
    </Dropdown>
  );
}
