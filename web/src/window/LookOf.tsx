import { Button, Dropdown, Tooltip } from "antd";
import { LOOKS, type Look, nameOf } from "../looks/looks";

/** In which look the site in the window is looked at; null for its own. */
export function LookOf(props: { readonly look: Look | null; readonly onLook: (look: Look | null) => void }) {
  const { look, onLook } = props;
  const other = look !== null;
  return (
    <Dropdown
      trigger={["click"]}
      autoFocus
      menu={{
        items: [
          { key: "", label: "The site’s own look" },
          ...LOOKS.map((each) => ({ key: each.look, label: each.name })),
        ],
        selectedKeys: [look ?? ""],
        onClick: ({ key }) => onLook(LOOKS.find((each) => each.look === key)?.look ?? null),
      }}
    >
      <Tooltip title="See it in another look">
        <Button
          type="text"
          size="small"
          aria-label={other ? `In the look ${nameOf(look)}` : "In another look"}
          className={other ? "on" : ""}
        >
          {other ? nameOf(look) : "Look"}
        </Button>
      </Tooltip>
    </Dropdown>
  );
}
