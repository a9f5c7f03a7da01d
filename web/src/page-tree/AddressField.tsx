import { useState } from "react";
import { api, type PageCardDto } from "../api/client";
import { type Answer, ifKnown, useAnswer } from "../shared/answer";
import { CopyButton } from "../shared/CopyButton";
import { counted } from "../shared/counted";
import { newId } from "../shared/ids";
import { KeptField } from "../shared/KeptField";
import { WhatFollows } from "../shared/WhatFollows";
import type { WorkingCopy } from "../working-copy/store";
import { addressAbove, addressOf, pageOf } from "../working-copy/tree";

/** Milliseconds that typing has to rest before the server is asked what would follow. */
const REST = 300;

/** The last part of a page's address; while another is typed, what would follow from it. */
export function AddressField(props: {
  readonly copy: WorkingCopy;
  readonly page: string;
  readonly card: Answer<PageCardDto | null>;
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
        <Found card={props.card} address={addressOf(copy.tree, id)} />
      </span>
    </>
  );
}

/** The way to the page as visitors find it, and the other addresses that lead to it. */
function Found(props: { readonly card: Answer<PageCardDto | null>; readonly address: string }) {
  const card = ifKnown(props.card);
  const live = card?.liveAddress ?? null;
  const others = card?.addresses ?? [];
  return (
    <>
      <span className="choices">
        <CopyButton
          size="small"
          words="Copy the address"
          text={new URL(live ?? props.address, location.origin).href}
        />
        {live && (
          <a href={live} target="_blank" rel="noreferrer">
            Open it as visitors see it
          </a>
        )}
      </span>
      {others.length > 0 && (
        <details className="hint address-changes">
          <summary>
            {counted(others.length, "1 other address leads here", "# other addresses lead here")}
          </summary>
          <ul>
            {others.map((other) => (
              <li key={other}>{other}</li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
