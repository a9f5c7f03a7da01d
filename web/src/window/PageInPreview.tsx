import { Button, Select } from "antd";
import { useState } from "react";
import { type PageTree, pageOptions } from "../working-copy/tree";

/** Which page is in the preview; by a press any other is found by typing, also one that nothing leads to. */
export function PageInPreview(props: {
  readonly tree: PageTree;
  readonly page: string;
  readonly path: string;
  readonly onPage: (page: string) => void;
}) {
  const [finding, setFinding] = useState(false);
  if (!finding) {
    return (
      <Button
        type="text"
        size="small"
        className="path"
        title={`${props.path}: show another page in the preview`}
        onClick={() => setFinding(true)}
      >
        <span>{props.path}</span>
      </Button>
    );
  }
  return (
    <Select
      size="small"
      className="path"
      aria-label="The page in the preview"
      autoFocus
      defaultOpen
      showSearch
      optionFilterProp="label"
      popupMatchSelectWidth={false}
      value={props.page}
      options={pageOptions(props.tree)}
      onBlur={() => setFinding(false)}
      onChange={(page) => {
        setFinding(false);
        props.onPage(page);
      }}
    />
  );
}
