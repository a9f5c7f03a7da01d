import { useState } from "react";
import { api } from "../api/client";
import { useAnswer } from "../shared/answer";
import { newId } from "../shared/ids";
import { KeptField } from "../shared/KeptField";
import type { WorkingCopy } from "../working-copy/store";
import { addressAbove, pageOf } from "../working-copy/tree";
import { WhatFollows } from "./WhatFollows";

/** Milliseconds that typing has to rest before the server is asked what would follow. */
const REST = 300;

/** The last part of a page's address; while another is typed, what would follow from it. */
export function AddressField(props: {
  readonly copy: WorkingCopy;
  readonly page: string;
  /** @param slug null to follow the title */
  readonly onKeep: (slug: string | null) => Promise<boolean>;
}) {
  const { copy, page: id } = props;
  const page = pageOf(copy.tree, id);
  const [typed, setTyped] = useState(page.slug);
  const slugOf = (text: string) => (text === "" ? null : text);
  const tried = useAnswer(
    ["slug", id, typed],
    copy.revision,
    (signal) =>
      api.would(newId(), copy.revision, [{ kind: "setSlug", page: id, slug: slugOf(typed) }], signal),
    { rest: REST, enabled: typed !== page.slug },
  );
  return (
    <>
      <label htmlFor="slug">Address</label>
      <span className="slug">
        <KeptField
          id="slug"
          value={page.slug}
          hint="Empty: follows the title"
          before={<span className="above">{addressAbove(copy.tree, id)}</span>}
          onType={setTyped}
          onKeep={(slug) => props.onKeep(slugOf(slug))}
        />
        <span className="hint">
          {copy.tree.home === id
            ? "its own address is /"
            : copy.published.has(id)
              ? "public"
              : page.slugFollows
                ? "follows the title"
                : "never public yet"}
        </span>
        {typed !== page.slug && <WhatFollows choice="Then" answer={tried} />}
      </span>
    </>
  );
}
