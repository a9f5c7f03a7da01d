import type { AppearanceDto } from "../api/client";
import { PictureChoice } from "../files/PictureChoice";
import { common } from "../shared/Mixed";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import type { Appearing } from "./deeds";

/** The picture beside the words of items, which tells nothing that the words do not. */
export function ItemPicture(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly rows: readonly AppearanceDto[];
  readonly onEdit: (edit: Appearing) => Promise<boolean>;
}) {
  const { copy, store, rows, onEdit } = props;
  return (
    <>
      <label htmlFor="item-picture">Picture</label>
      <PictureChoice
        id="item-picture"
        copy={copy}
        store={store}
        value={common(rows, (row) => row.picture) ?? null}
        decoration
        onChoose={(picture) => onEdit({ picture: picture ?? "" })}
        onChange={async (change) => (await store.change(change)).ok}
      />
    </>
  );
}
