import { Button, Dropdown } from "antd";
import { useState } from "react";
import { api, type OfferDto } from "../api/client";
import { GroupIcon } from "../shared/icons";
import { sentenceOf } from "../shared/sentenceOf";

/** What can stand in a menu by itself: lists of pages, and the items of other menus. */
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
      offer.offer === kind ? [{ key: String(index), label: offer.words }] : [],
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
              { type: "group", label: "All items of another menu", children: entries("MENU") },
            ],
        onClick: ({ key }) => {
          const offer = offers[Number(key)];
          if (offer) props.onChoose(offer);
        },
      }}
    >
      <Button type="text" size="small" tabIndex={-1} icon={<GroupIcon />}>
        Add list…
      </Button>
    </Dropdown>
  );
}
