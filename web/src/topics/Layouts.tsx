import { Button, Select } from "antd";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import type { ChangeDto, LayoutDto } from "../api/client";
import { TitleField } from "../outline/TitleField";
import { layoutOptions } from "../page-tree/LayoutChoice";
import { capital } from "../shared/capital";
import { counted } from "../shared/counted";
import { newId } from "../shared/ids";
import type { Result, WorkingCopy } from "../working-copy/store";

/** What is being done to a layout. */
type Doing = { readonly what: "rename" | "copy" | "remove"; readonly layout: string } | null;

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
  const [doing, setDoing] = useState<Doing>(null);
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
        <thead>
          <tr>
            <th>{counted(layouts.length, "# layout", "# layouts")}</th>
            <th>Pages</th>
            <th>
              <span className="unseen">Change it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {layouts.map((layout) => {
            const { id, name, own } = layout;
            const pages = counts.get(id) ?? 0;
            const at = doing?.layout === id ? doing.what : null;
            return (
              <tr key={id}>
                <th scope="row" className="sorted-by">
                  {at === "rename" ? (
                    <TitleField
                      label={`Name of the layout ${name}`}
                      initial={name}
                      onKeep={(typed) => done({ kind: "renameLayout", layout: id, name: typed })}
                      onLeave={() => setDoing(null)}
                    />
                  ) : (
                    titleOf(layout)
                  )}
                  {at === "copy" && (
                    <TitleField
                      label={`Name of the copy of ${name}`}
                      initial=""
                      placeholder="Name of the new layout"
                      onKeep={(typed) => done({ kind: "addLayout", id: newId(), name: typed, like: id })}
                      onLeave={() => setDoing(null)}
                    />
                  )}
                  {at === "remove" && (
                    <span className="choices">
                      <span>{counted(pages, "Its page gets the layout", "Its # pages get the layout")}</span>
                      <Select
                        size="small"
                        aria-label="The layout that its pages get"
                        placeholder="choose…"
                        autoFocus
                        popupMatchSelectWidth={false}
                        options={layoutOptions(copy).filter((each) => each.value !== id)}
                        onSelect={(instead: string) =>
                          void done({ kind: "removeLayout", layout: id, instead })
                        }
                      />
                      <Button size="small" type="text" onClick={() => setDoing(null)}>
                        Cancel
                      </Button>
                    </span>
                  )}
                </th>
                <td>{pages === 0 ? "none" : counted(pages, "# page", "# pages")}</td>
                <td>
                  {mayEdit && (
                    <span className="row-actions">
                      <Button
                        size="small"
                        aria-label={`Copy ${name}`}
                        title="A new layout that begins like this one, with what zones show for it"
                        onClick={() => setDoing({ what: "copy", layout: id })}
                      >
                        Copy…
                      </Button>
                      {own && (
                        <>
                          <Button
                            size="small"
                            aria-label={`Rename ${name}`}
                            onClick={() => setDoing({ what: "rename", layout: id })}
                          >
                            Rename
                          </Button>
                          <Button
                            size="small"
                            aria-label={`Remove ${name}`}
                            onClick={() =>
                              pages === 0
                                ? void done({ kind: "removeLayout", layout: id, instead: "STANDARD" })
                                : setDoing({ what: "remove", layout: id })
                            }
                          >
                            {pages === 0 ? "Remove" : "Remove…"}
                          </Button>
                        </>
                      )}
                    </span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}

function titleOf({ name, own }: LayoutDto): string {
  return own ? name : capital(name);
}
