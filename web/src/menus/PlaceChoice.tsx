import { Select } from "antd";
import { useState } from "react";
import { api } from "../api/client";
import { useAnswer } from "../shared/answer";
import { Problem } from "../shared/Problem";
import { pageOf } from "../working-copy/tree";
import type { Sending } from "./ItemCard";
import { PageChoice } from "./PageChoice";

/** The page that an item leads to a place on, and the place. */
export function PlaceChoice({ copy, row, send }: Sending) {
  /** Another page, until one of its places is chosen. */
  const [other, setOther] = useState<string | null>(null);
  const there = row.kind.page !== null && copy.tree.pages.has(row.kind.page) ? row.kind.page : null;
  const page = other ?? there;
  const answer = useAnswer(["places on", page ?? ""], copy.revision, () => api.placesOn(page ?? ""), {
    enabled: page !== null,
  });
  const places = answer.status === "known" ? answer.value : [];
  const named = other === null && places.some(({ name }) => name === row.kind.address);
  const hint =
    page === null || answer.status !== "known" || named
      ? null
      : places.length === 0
        ? `The text of ${pageOf(copy.tree, page).title} has no headings.`
        : other === null && `No heading has the name #${row.kind.address}; visitors come to the beginning.`;
  return (
    <>
      <label htmlFor="leads">Leads to</label>
      <PageChoice
        id="leads"
        copy={copy}
        value={page}
        onChange={(chosen) => setOther(chosen === there ? null : chosen)}
      />
      <label htmlFor="leads-place">Place on it</label>
      <span>
        <Select
          id="leads-place"
          showSearch
          optionFilterProp="label"
          loading={answer.status === "asking"}
          disabled={page === null}
          placeholder="Choose a heading…"
          value={named ? row.kind.address : null}
          onChange={(address: string | null) => {
            void send({ kind: "setItemKind", item: row.item, to: { ...row.kind, page, address } });
            setOther(null);
          }}
          options={places.map(({ name, words }) => ({ value: name, label: words || `#${name}` }))}
        />
        {hint && <span className="hint">{hint}</span>}
        {answer.status === "failed" && <Problem sentence={answer.sentence} />}
      </span>
    </>
  );
}
