import { Select } from "antd";
import { Link } from "react-router";
import type { ChangeDto } from "../api/client";
import { capital } from "../shared/capital";
import { common } from "../shared/Mixed";
import type { WorkingCopy } from "../working-copy/store";
import type { Page } from "../working-copy/tree";

/** The layout of one page or of several. */
export function LayoutChoice(props: {
  readonly copy: WorkingCopy;
  readonly pages: readonly Page[];
  readonly onChange: (change: ChangeDto) => void;
}) {
  const value = common(props.pages, (page) => page.layout);
  return (
    <>
      <label htmlFor="layout">Layout</label>
      <span className="with-note">
        <Select
          id="layout"
          value={value ?? null}
          placeholder="mixed"
          popupMatchSelectWidth={false}
          onChange={(layout: string) =>
            props.onChange({ kind: "setLayout", pages: props.pages.map((page) => page.id), layout })
          }
          options={layoutOptions(props.copy)}
        />
        <Link to="/topics">All layouts</Link>
      </span>
    </>
  );
}

/** Every layout as an entry of a list that drops down. */
export function layoutOptions(copy: WorkingCopy) {
  return copy.settings.layouts.map(({ id, name, own }) => ({
    value: id,
    label: own ? name : capital(name),
  }));
}
