import { Button } from "antd";

/** Leaves everything as it is, until all of the files have gone out to be imported. */
export function CancelRun({ onCancel }: { readonly onCancel: (() => void) | null }) {
  return (
    <Button disabled={onCancel === null} onClick={onCancel ?? undefined}>
      Cancel
    </Button>
  );
}
