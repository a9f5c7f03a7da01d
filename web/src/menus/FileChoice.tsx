import { Select } from "antd";
import { useFiles } from "../files/useFiles";
import { ifKnown } from "../shared/answer";
import type { Sending } from "./ItemCard";

/** The file that an item leads to. */
export function FileChoice({ copy, row, send }: Sending) {
  const files = ifKnown(useFiles(copy.revision));
  return (
    <>
      <label htmlFor="leads">Leads to</label>
      <Select
        id="leads"
        showSearch
        optionFilterProp="label"
        loading={files === undefined}
        value={files?.some(({ id }) => id === row.kind.file) ? row.kind.file : null}
        placeholder="A file that was removed"
        onChange={(file: string | null) =>
          void send({ kind: "setItemKind", item: row.item, to: { ...row.kind, file } })
        }
        options={(files ?? []).map(({ id, name, type }) => ({ value: id, label: `${name} (${type})` }))}
      />
    </>
  );
}
