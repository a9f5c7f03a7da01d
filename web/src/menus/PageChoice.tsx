import { Select } from "antd";
import type { WorkingCopy } from "../working-copy/store";
import { pageOptions } from "../working-copy/tree";

/** One page of the tree, found by its title or address. */
export function PageChoice(props: {
  readonly id: string;
  /** Where no label says it. */
  readonly label?: string;
  readonly copy: WorkingCopy;
  readonly value: string | null;
  readonly onChange: (page: string) => void;
}) {
  return (
    <Select
      id={props.id}
      aria-label={props.label}
      showSearch
      optionFilterProp="label"
      placeholder="Choose a page…"
      value={props.value}
      onChange={props.onChange}
      options={pageOptions(props.copy.tree)}
    />
  );
}
