import { Button, Select } from "antd";
import { useState } from "react";
import type { ChangeDto, NewPagesDto, Reach } from "../api/client";
import type { WorkingCopy } from "../working-copy/store";
import { layoutOptions } from "./LayoutChoice";
import { REACHES } from "./options";

/** How new pages begin, in a few quiet words; pressed, it can be changed for the whole site. */
export function NewPages(props: {
  readonly copy: WorkingCopy;
  readonly onChange: (change: ChangeDto) => void;
  readonly onDone: () => void;
}) {
  const { copy } = props;
  const begin = copy.settings.newPages;
  const [changing, setChanging] = useState(false);
  const set = (change: Partial<NewPagesDto>) => props.onChange({ kind: "setNewPages", ...begin, ...change });
  if (!changing) {
    return (
      <span className="hint">
        New pages begin {said(copy)}.{" "}
        <button type="button" className="plain" onClick={() => setChanging(true)}>
          Change that
        </button>
      </span>
    );
  }
  const models = [...copy.tree.pages.values()].filter((page) => page.model || page.id === begin.model);
  return (
    // Keys mean these controls here, not the outline around them.
    <span className="choices" onKeyDown={(event) => event.stopPropagation()} role="none">
      <label htmlFor="new-reach">New pages begin</label>
      <Select<Reach>
        id="new-reach"
        size="small"
        value={begin.reach}
        popupMatchSelectWidth={false}
        onChange={(reach) => set({ reach })}
        options={REACHES.map(({ value, label }) => ({ value, label }))}
      />
      <Select
        size="small"
        aria-label="What they are made from"
        value={begin.model === null ? `layout ${begin.layout}` : `model ${begin.model}`}
        popupMatchSelectWidth={false}
        onChange={(chosen: string) => {
          const [from, id = ""] = chosen.split(" ");
          set(from === "model" ? { model: id } : { model: null, layout: id });
        }}
        options={[
          ...layoutOptions(copy).map(({ value, label }) => ({
            value: `layout ${value}`,
            label: `with the layout ${label}`,
          })),
          ...models.map(({ id, title }) => ({ value: `model ${id}`, label: `like ${title}` })),
        ]}
      />
      {models.length === 0 && <span className="hint">A page’s card can make it a model for new ones.</span>}
      <Button
        size="small"
        onClick={() => {
          setChanging(false);
          props.onDone();
        }}
      >
        Done
      </Button>
    </span>
  );
}

/** As in "New pages begin open, like Tide note". */
function said(copy: WorkingCopy): string {
  const { reach, layout, model } = copy.settings.newPages;
  const word = REACHES.find(({ value }) => value === reach)?.label.toLowerCase();
  if (model !== null) return `${word}, like ${copy.tree.pages.get(model)?.title ?? "another"}`;
  return layout === "STANDARD"
    ? `${word}`
    : `${word}, with the layout ${copy.settings.layouts.find(({ id }) => id === layout)?.name}`;
}
