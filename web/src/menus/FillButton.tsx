import { useQuery } from "@tanstack/react-query";
import { Button, Dropdown } from "antd";
import { useState } from "react";
import { api, type OfferDto } from "../api/client";

/** What can stand in a menu by itself: lists of pages, and the items of other menus. */
export function FillButton(props: { readonly menu: string; readonly onChoose: (offer: OfferDto) => void }) {
  const [open, setOpen] = useState(false);
  const offers = useQuery({
    queryKey: ["fillings", props.menu],
    queryFn: () => api.offers(props.menu, ""),
    enabled: open,
    staleTime: 0,
  });
  const entries = (kind: OfferDto["offer"]) =>
    (offers.data ?? []).flatMap((offer, index) =>
      offer.offer === kind ? [{ key: String(index), label: offer.words }] : [],
    );
  return (
    <Dropdown
      trigger={["click"]}
      autoFocus
      open={open}
      onOpenChange={setOpen}
      menu={{
        className: "fillings",
        items: offers.data
          ? [
              { type: "group", label: "A list that fills itself", children: entries("LIST") },
              { type: "group", label: "All items of another menu", children: entries("MENU") },
            ]
          : [{ key: "loading", label: "…", disabled: true }],
        onClick: ({ key }) => {
          const offer = offers.data?.[Number(key)];
          if (offer) props.onChoose(offer);
        },
      }}
    >
      <Button type="text" size="small">
        + list…
      </Button>
    </Dropdown>
  );
}
