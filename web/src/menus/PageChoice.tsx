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
  /** Of which pages there is a choice; of all, when left out. */
  readonly among?: (page: string) => boolean;
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
      options={pageOptions(props.copy.tree).filter(({ value }) => props.among?.(value) ?? true)}
    />
  );
}
