import { Button, type ButtonProps } from "antd";

/**
 * A button that stays where the focus is when there is nothing left for it to do: one that is disabled would lose the
 * focus to the page, and whoever moves a row by key to the top would have to find back.
 */
export function SteadyButton({
  idle,
  onClick,
  ...rest
}: Omit<ButtonProps, "disabled" | "onClick"> & {
  /** Whether there is nothing for it to do now. */
  readonly idle: boolean;
  readonly onClick: () => void;
}) {
  return (
    <Button
      {...rest}
      aria-disabled={idle}
      onClick={() => {
        if (!idle) onClick();
      }}
    />
  );
}
