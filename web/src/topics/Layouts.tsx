import { Button, Select } from "antd";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import type { ChangeDto, LayoutDto } from "../api/client";
import { TitleField } from "../outline/TitleField";
import { layoutOptions } from "../page-tree/LayoutChoice";
import { capital } from "../shared/capital";
import { counted } from "../shared/counted";
import { newId } from "../shared/ids";
import { LedgerHead } from "../shared/LedgerHead";
import type { Result, WorkingCopy } from "../working-copy/store";

/** What is being done to a layout. */
type Doing = { readonly what: "rename" | "copy" | "remove"; readonly layout: string };

/** Every layout with its pages: those that every site has, and the owner's own. */
export function Layouts(props: {
  readonly copy: WorkingCopy;
  readonly mayEdit: boolean;
  readonly onChange: (change: ChangeDto) => Promise<Result>;
}) {
  const { copy, mayEdit, onChange } = props;
  const { layouts } = copy.settings;
  const counts = useMemo(() => {
    const pages = new Map<string, number>();
    for (const page of copy.tree.pages.values()) pages.set(page.layout, (pages.get(page.layout) ?? 0) + 1);
    return pages;
  }, [copy.tree]);
  const [doing, setDoing] = useState<Doing | null>(null);
  const done = async (change: ChangeDto) => {
    const result = await onChange(change);
    if (result.ok) setDoing(null);
    return result;
  };
  return (
    <>
      <div className="head">
        <h3 id="layouts-heading">Layouts</h3>
        <span>
          kinds of page, for which{" "}
          <Link className="in-words" to="/zones">
            Zones
          </Link>{" "}
          can show other menus
        </span>
      </div>
      <table aria-labelledby="layouts-heading">
        <LedgerHead columns={[counted(layouts.length, "# layout", "# layouts"), "Pages"]} last="Change it" />
        <tbody>
          {layouts.map((layout) => (
            <LayoutRow
              key={layout.id}
              copy={copy}
              layout={layout}
              pages={counts.get(layout.id) ?? 0}
              doing={doing?.layout === layout.id ? doing.what : null}
              mayEdit={mayEdit}
              onDoing={(what) => setDoing(what && { what, layout: layout.id })}
              onChange={done}
            />
          ))}
        </tbody>
      </table>
    </>
  );
}

function LayoutRow(props: {
  readonly copy: WorkingCopy;
  readonly layout: LayoutDto;
  /** How many have it. */
  readonly pages: number;
  readonly doing: Doing["what"] | null;
  readonly mayEdit: boolean;
  readonly onDoing: (what: Doing["what"] | null) => void;
  readonly onChange: (change: ChangeDto) => Promise<Result>;
}) {
  const { copy, pages, doing, onDoing, onChange } = props;
  const { id, name, own } = props.layout;
  const leave = () => onDoing(null);
  return (
    <tr>
      <th scope="row" className="sorted-by">
        {doing === "rename" ? (
          <TitleField
            label={`Name of the layout ${name}`}
            initial={name}
            onKeep={(typed) => onChange({ kind: "renameLayout", layout: id, name: typed })}
            onLeave={leave}
          />
        ) : own ? (
          name
        ) : (
          capital(name)
        )}
        {doing === "copy" && (
          <TitleField
            label={`Name of the copy of ${name}`}
            initial=""
            placeholder="Name of the new layout"
            onKeep={(typed) => onChange({ kind: "addLayout", id: newId(), name: typed, like: id })}
            onLeave={leave}
          />
        )}
        {doing === "remove" && (
          <span className="choices">
            <span>{counted(pages, "Its page gets the layout", "Its # pages get the layout")}</span>
            <Select
              size="small"
              aria-label="The layout that its pages get"
              placeholder="choose…"
              autoFocus
              popupMatchSelectWidth={false}
              options={layoutOptions(copy).filter((each) => each.value !== id)}
              onSelect={(instead: string) => void onChange({ kind: "removeLayout", layout: id, instead })}
            />
            <Button size="small" type="text" onClick={leave}>
              Cancel
            </Button>
          </span>
        )}
      </th>
      <td>{pages === 0 ? "none" : counted(pages, "# page", "# pages")}</td>
      <td>{props.mayEdit && <LayoutActions {...props} />}</td>
    </tr>
  );
}

function LayoutActions({ layout, pages, onDoing, onChange }: Parameters<typeof LayoutRow>[0]) {
  const { id, name, own } = layout;
  return (
    <span className="row-actions">
      <Button
        size="small"
        aria-label={`Copy ${name}`}
        title="A new layout that begins like this one, with what zones show for it"
        onClick={() => onDoing("copy")}
      >
        Copy…
      </Button>
      {own && (
        <>
          <Button size="small" aria-label={`Rename ${name}`} onClick={() => onDoing("rename")}>
            Rename
          </Button>
          <Button
            size="small"
            aria-label={`Remove ${name}`}
            onClick={() =>
              pages === 0
                ? void onChange({ kind: "removeLayout", layout: id, instead: "STANDARD" })
                : onDoing("remove")
            }
          >
            {pages === 0 ? "Remove" : "Remove…"}
          </Button>
        </>
      )}
    </span>
  );
}
