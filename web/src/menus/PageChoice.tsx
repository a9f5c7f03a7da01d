import { Select } from "antd";
import type { WorkingCopy } from "../working-copy/store";
import { addressOf, pageOf } from "../working-copy/tree";

/** One page of the tree, found by its title or address. */
export function PageChoice(props: {
  readonly id: string;
  readonly copy: WorkingCopy;
  readonly value: string | null;
  readonly onChange: (page: string) => void;
}) {
  const { tree } = props.copy;
  return (
    <Select
      id={props.id}
      showSearch
      optionFilterProp="label"
      value={props.value}
      onChange={props.onChange}
      options={[...tree.pages.keys()].map((page) => ({
        value: page,
        label: `${pageOf(tree, page).title} ${addressOf(tree, page)}`,
      }))}
    />
  );
}
