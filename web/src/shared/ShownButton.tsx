import { Button, Dropdown } from "antd";
import { TickMark } from "./marks";

/** Chooses which of several things show, such as columns; what is away comes back by another press. */
export function ShownButton<Id extends string>(props: {
  readonly label: string;
  readonly all: readonly { readonly id: Id; readonly name: string }[];
  readonly away: readonly Id[];
  readonly onAway: (change: (away: readonly Id[]) => readonly Id[]) => void;
}) {
  const { all, away, onAway } = props;
  return (
    <Dropdown
      trigger={["click"]}
      autoFocus
      menu={{
        selectable: true,
        multiple: true,
        selectedKeys: all.map(({ id }) => id).filter((id) => !away.includes(id)),
        items: all.map(({ id, name }) => ({
          key: id,
          icon: <TickMark shown={!away.includes(id)} />,
          label: (
            <>
              {name}
              <span className="unseen">{away.includes(id) ? ", away" : ", shown"}</span>
            </>
          ),
        })),
        onSelect: ({ key }) => onAway((now) => now.filter((id) => id !== key)),
        onDeselect: ({ key }) => onAway((now) => [...now, key as Id]),
      }}
    >
      <Button size="small">{props.label}</Button>
    </Dropdown>
  );
}
