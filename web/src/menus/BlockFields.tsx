import { Select } from "antd";
import { Link } from "react-router";
import type { KindDto } from "../api/client";
import { PictureChoice } from "../files/PictureChoice";
import { KeptField } from "../shared/KeptField";
import { pageOf } from "../working-copy/tree";
import type { Sending } from "./ItemCard";
import { PageChoice } from "./PageChoice";

const SIDES: readonly { readonly value: NonNullable<KindDto["side"]>; readonly label: string }[] = [
  { value: "BELOW", label: "Below it" },
  { value: "ABOVE", label: "Above it" },
  { value: "START", label: "Before it" },
  { value: "END", label: "After it" },
];

/** What a content block shows. */
export function BlockFields({ copy, store, row, send }: Sending) {
  const become = (part: Partial<KindDto>) =>
    send({ kind: "setItemKind", item: row.item, to: { ...row.kind, ...part } });
  switch (row.kind.kind) {
    case "WORDS":
      return (
        <>
          <label htmlFor="block-words">Words</label>
          <KeptField
            id="block-words"
            rows={4}
            value={row.kind.words ?? ""}
            placeholder="a line for each paragraph"
            onKeep={(words) => become({ words })}
          />
        </>
      );
    case "PICTURE":
      return (
        <>
          <label htmlFor="block-picture">Picture</label>
          <PictureChoice
            id="block-picture"
            copy={copy}
            store={store}
            value={row.kind.file}
            onChoose={(file) => (file === null ? Promise.resolve(false) : become({ file }))}
            onChange={send}
          />
          <label htmlFor="block-side">Caption stands</label>
          <Select
            id="block-side"
            value={row.kind.side}
            options={[...SIDES]}
            onChange={(side) => void become({ side })}
          />
        </>
      );
    case "FORM_OF_PAGE":
      return (
        <>
          <label htmlFor="block-page">Form of</label>
          <PageChoice
            id="block-page"
            copy={copy}
            value={row.kind.page}
            among={(page) => pageOf(copy.tree, page).form !== null}
            onChange={(page) => void become({ page })}
          />
        </>
      );
    case "SUMMARY_OF_PAGE":
      return (
        <>
          <label htmlFor="block-page">Page</label>
          <PageChoice
            id="block-page"
            copy={copy}
            value={row.kind.page}
            onChange={(page) => void become({ page })}
          />
        </>
      );
    case "CONTACT_CARD":
    case "POSITION_MAP":
      return (
        <>
          <span>Shows</span>
          <span>
            what is <Link to="/business">typed on The business</Link>
          </span>
        </>
      );
    default:
      return null;
  }
}
