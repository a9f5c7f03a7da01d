import { Button } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import type { ChangeDto, FileDto } from "../api/client";
import { menusAddress } from "../menus/address";
import { TitleField } from "../outline/TitleField";
import { counted } from "../shared/counted";
import type { Result, WorkingCopy } from "../working-copy/store";
import { Alternative } from "./Alternative";
import { ChooseFiles } from "./ChooseFiles";
import { ALL, factsOf, isPicture, PICTURES } from "./words";

/** One file: how it looks, what it is called and shows, where it is used. */
export function FileRow(props: {
  readonly copy: WorkingCopy;
  readonly file: FileDto;
  readonly mayEdit: boolean;
  readonly onReplace: (by: File) => void;
  readonly onChange: (change: ChangeDto) => Promise<Result>;
}) {
  const { copy, file, mayEdit, onChange } = props;
  const [doing, setDoing] = useState<"rename" | "remove" | null>(null);
  const uses = file.pages.length + file.rows.length + (file.logo ? 1 : 0);
  const remove = () => void onChange({ kind: "removeFiles", files: [file.id] });
  return (
    <tr>
      <td className="file-picture">
        {file.picture === null ? (
          <span className="file-type">{file.type}</span>
        ) : (
          <img src={file.picture} alt="" width={72} height={54} loading="lazy" />
        )}
      </td>
      <th scope="row">
        {doing === "rename" ? (
          <TitleField
            label={`Name of the file ${file.name}`}
            initial={file.name}
            onKeep={async (name) => {
              const result = await onChange({ kind: "setFile", file: file.id, name, alternative: null });
              if (result.ok) setDoing(null);
              return result;
            }}
            onLeave={() => setDoing(null)}
          />
        ) : (
          file.name
        )}
        <span className="hint file-facts">{factsOf(file)}</span>
      </th>
      <td className="file-shows">
        {isPicture(file) && (
          <Alternative
            file={file}
            id={`shows-${file.id}`}
            disabled={!mayEdit}
            onChange={async (change) => (await onChange(change)).ok}
          />
        )}
      </td>
      <td>
        <Uses copy={copy} file={file} />
      </td>
      <td>
        {mayEdit && doing !== "remove" && (
          <span className="file-actions">
            <Button size="small" aria-label={`Rename ${file.name}`} onClick={() => setDoing("rename")}>
              Rename
            </Button>
            <ChooseFiles
              words="Replace…"
              label={`Replace ${file.name}`}
              size="small"
              accept={isPicture(file) ? PICTURES : ALL}
              onChoose={([by]) => by && props.onReplace(by)}
            />
            <Button
              size="small"
              aria-label={`Remove ${file.name}`}
              onClick={() => (uses > 0 ? setDoing("remove") : remove())}
            >
              Remove
            </Button>
          </span>
        )}
        {doing === "remove" && (
          <span className="ask" role="alertdialog" aria-label={`Remove ${file.name}`}>
            It is used {counted(uses, "once", "# times")}, and disappears there.{" "}
            <Button size="small" danger onClick={remove}>
              Remove it
            </Button>
            <Button size="small" type="text" autoFocus onClick={() => setDoing(null)}>
              Cancel
            </Button>
          </span>
        )}
      </td>
    </tr>
  );
}

function Uses({ copy, file }: { readonly copy: WorkingCopy; readonly file: FileDto }) {
  const pages = file.pages.flatMap((id) => copy.tree.pages.get(id) ?? []);
  if (pages.length === 0 && file.rows.length === 0 && !file.logo)
    return <span className="hint">used nowhere</span>;
  return (
    <ul className="file-uses">
      {file.logo && (
        <li>
          <Link to="/business">the logo</Link>
        </li>
      )}
      {pages.map((page) => (
        <li key={page.id}>
          <Link to={`/pages/${page.id}`}>{page.title}</Link>
        </li>
      ))}
      {file.rows.map(({ item, page, label, menu }) => (
        <li key={`${item} ${page}`}>
          <Link to={menusAddress({ menu: null, item, page })}>{label}</Link>{" "}
          <span className="hint">in {menu}</span>
        </li>
      ))}
    </ul>
  );
}
