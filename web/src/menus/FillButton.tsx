import { Button, Dropdown } from "antd";
import { useState } from "react";
import { api, type OfferDto } from "../api/client";
import { capital } from "../shared/capital";
import { GroupIcon } from "../shared/icons";
import { sentenceOf } from "../shared/sentenceOf";
import { KIND_WORDS } from "./words";

/** What can stand in a menu by itself: lists of pages, content blocks, and the items of other menus. */
export function FillButton(props: { readonly menu: string; readonly onChoose: (offer: OfferDto) => void }) {
  const [open, setOpen] = useState(false);
  const [offers, setOffers] = useState<readonly OfferDto[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  // It opens once there is something in it, so that the first entry has the focus.
  const ask = async () => {
    try {
      setOffers(await api.offers(props.menu, ""));
      setProblem(null);
    } catch (failed) {
      setProblem(sentenceOf(failed));
    }
    setOpen(true);
  };
  const entries = (kind: OfferDto["offer"]) =>
    offers.flatMap((offer, index) =>
      offer.offer === kind ? [{ key: String(index), label: wordsOf(offer) }] : [],
    );
  return (
    <Dropdown
      trigger={["click"]}
      autoFocus
      open={open}
      onOpenChange={(next) => (next ? void ask() : setOpen(false))}
      menu={{
        className: "fillings",
        items: problem
          ? [{ key: "problem", label: problem, disabled: true }]
          : [
              { type: "group", label: "A list that fills itself", children: entries("LIST") },
              { type: "group", label: "A content block", children: entries("BLOCK") },
              { type: "group", label: "All items of another menu", children: entries("MENU") },
            ],
        onClick: ({ key }) => {
          const offer = offers[Number(key)];
          if (offer) props.onChoose(offer);
        },
      }}
    >
      <Button type="text" size="small" tabIndex={-1} icon={<GroupIcon />}>
        Add list or block…
      </Button>
    </Dropdown>
  );
}

/** Of a content block, what it is, and what it shows where there could be another. */
function wordsOf(offer: OfferDto): string {
  if (offer.offer !== "BLOCK" || !offer.kind) return offer.words;
  const kind = capital(KIND_WORDS[offer.kind.kind]);
  return offer.kind.page || offer.kind.file ? `${kind}: ${offer.words}` : kind;
}
