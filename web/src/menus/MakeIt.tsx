import { Segmented } from "antd";
import { useState } from "react";
import { api, type KindDto } from "../api/client";
import { KeptField } from "../shared/KeptField";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";
import { kindOfPage, NOTHING_NAMED, set } from "./deeds";
import type { Sending } from "./ItemCard";
import { PageChoice } from "./PageChoice";

/** What an item of mere words could be instead: a heading, a text or a content block of words, a page, a link. */
export function MakeIt({ copy, node, row, send }: Sending) {
  const [problem, setProblem] = useState<string | null>(null);
  const become = (to: KindDto) => send({ kind: "setItemKind", item: row.item, to });
  const link = async (typed: string): Promise<boolean> => {
    try {
      const [first] = await api.offers(node.menu.id, typed);
      const leads = first?.kind && (first.offer === "LINK" || first.offer === "PAGE") ? first.kind : null;
      setProblem(
        leads ? null : (first?.detail ?? "") || "That is no address. One looks like tides.example or /hire.",
      );
      return leads !== null && (await become(leads));
    } catch (failed) {
      setProblem(sentenceOf(failed));
      return false;
    }
  };
  return (
    <>
      <span id="words-kind">Kind</span>
      <Segmented<KindDto["kind"]>
        aria-labelledby="words-kind"
        value={row.kind.kind}
        onChange={(kind) =>
          kind === "WORDS"
            ? void send(
                { kind: "setItemKind", item: row.item, to: { ...NOTHING_NAMED, kind, words: row.ownLabel } },
                set([node], { label: "" }),
              )
            : void become({ ...row.kind, kind })
        }
        options={[
          { value: "HEADING", label: "Heading" },
          { value: "TEXT", label: "Text" },
          { value: "WORDS", label: "Block of words" },
        ]}
      />
      <label htmlFor="make-page">Make it a page</label>
      <PageChoice
        id="make-page"
        copy={copy}
        value={null}
        onChange={(page) => void become(kindOfPage(page))}
      />
      <label htmlFor="make-link">Make it a link</label>
      <span>
        <KeptField id="make-link" value="" placeholder="an address, mail or phone number" onKeep={link} />
        <Problem sentence={problem} />
      </span>
    </>
  );
}
