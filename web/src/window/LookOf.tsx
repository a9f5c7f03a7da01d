import { LOOKS, type Look, nameOf } from "../looks/looks";
import { BarMenu } from "./BarMenu";

/** In which look the site in the window is looked at; null for its own. */
export function LookOf(props: { readonly look: Look | null; readonly onLook: (look: Look | null) => void }) {
  const { look, onLook } = props;
  return (
    <BarMenu
      label={look === null ? "Look" : nameOf(look)}
      name={look === null ? "In another look" : `In the look ${nameOf(look)}`}
      hint="See it in another look"
      on={look !== null}
      menu={{
        items: [
          { key: "", label: "The site’s own look" },
          ...LOOKS.map((each) => ({ key: each.look, label: each.name })),
        ],
        selectedKeys: [look ?? ""],
        onClick: ({ key }) => onLook(LOOKS.find((each) => each.look === key)?.look ?? null),
      }}
    />
  );
}
