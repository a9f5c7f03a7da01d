import { Button, Input, Select } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import type { MenuDto, PlacedDto, Zone, ZonesDto } from "../api/client";
import { DownIcon, UpIcon } from "../shared/icons";
import { SteadyButton } from "../shared/SteadyButton";
import { PlacedMenu } from "./PlacedMenu";
import { added, altered, moved, replaced, without } from "./says";

/** The menus of one part, in order, and those that could stand there too. */
export function MenuList(props: {
  readonly word: string;
  readonly placed: readonly PlacedDto[];
  /** What stands in the other part; a menu stands once. */
  readonly elsewhere: readonly PlacedDto[];
  readonly menus: readonly MenuDto[];
  readonly zone: Zone;
  readonly usual: ZonesDto["usual"][number] | undefined;
  readonly onEdit: (edit: (placed: readonly PlacedDto[]) => readonly PlacedDto[]) => void;
  /** Makes a menu of that name and shows it here too. */
  readonly onMake: (name: string) => Promise<boolean>;
}) {
  const { placed, menus, onEdit } = props;
  const nameOf = (id: string) => menus.find((menu) => menu.id === id)?.name ?? "A menu that is gone";
  const there = [...placed, ...props.elsewhere];
  /** The newest first, which is the one that has no place yet; last those that are set aside. */
  const free = menus
    .filter((menu) => !there.some((each) => each.menu === menu.id))
    .toReversed()
    .sort((one, other) => Number(one.setAside) - Number(other.setAside));
  return (
    <>
      <h3>{props.word}</h3>
      {placed.map((each, index) => (
        <div className="placed-menu" key={each.menu}>
          <div className="placed-head">
            <Link to={`/menus?item=${each.menu}`}>{nameOf(each.menu)}</Link>
            <span className="spring" />
            <SteadyButton
              type="text"
              size="small"
              aria-label={`Move ${nameOf(each.menu)} up`}
              idle={index === 0}
              onClick={() => onEdit((now) => moved(now, each.menu, -1))}
            >
              <UpIcon />
            </SteadyButton>
            <SteadyButton
              type="text"
              size="small"
              aria-label={`Move ${nameOf(each.menu)} down`}
              idle={index === placed.length - 1}
              onClick={() => onEdit((now) => moved(now, each.menu, 1))}
            >
              <DownIcon />
            </SteadyButton>
            {free.length > 0 && (
              <Select<string>
                size="small"
                variant="borderless"
                aria-label={`Replace ${nameOf(each.menu)} with`}
                placeholder="Replace with…"
                popupMatchSelectWidth={false}
                value={null}
                style={{ width: 124 }}
                onChange={(menu) => onEdit((now) => replaced(now, each.menu, menu))}
                options={free.map((menu) => ({ value: menu.id, label: menu.name }))}
              />
            )}
            <Button
              type="text"
              size="small"
              aria-label={`Remove ${nameOf(each.menu)}`}
              onClick={() => onEdit((now) => without(now, each.menu))}
            >
              Remove
            </Button>
          </div>
          <PlacedMenu
            placed={each}
            usual={props.usual}
            onChange={(part) => onEdit((now) => altered(now, each.menu, part))}
          />
        </div>
      ))}
      <Addable free={free} onAdd={(menu) => onEdit((now) => added(now, menu))} onMake={props.onMake} />
    </>
  );
}

/** So many have a button each. */
const BUTTONS = 6;

function Addable(props: {
  readonly free: readonly MenuDto[];
  readonly onAdd: (menu: string) => void;
  readonly onMake: (name: string) => Promise<boolean>;
}) {
  const { free } = props;
  const [naming, setNaming] = useState(false);
  return (
    <div className="choices put">
      {free.slice(0, BUTTONS).map((menu) => (
        <Button key={menu.id} size="small" onClick={() => props.onAdd(menu.id)}>
          Add {menu.name}
        </Button>
      ))}
      {free.length > BUTTONS && (
        <Select<string>
          size="small"
          showSearch
          optionFilterProp="label"
          aria-label="Another menu"
          placeholder="another menu…"
          value={null}
          style={{ width: 160 }}
          onChange={props.onAdd}
          options={free.slice(BUTTONS).map((menu) => ({ value: menu.id, label: menu.name }))}
        />
      )}
      {naming ? (
        <Input
          size="small"
          autoFocus
          aria-label="Name of the new menu"
          placeholder="Its name, then Enter"
          style={{ width: 160 }}
          onBlur={() => setNaming(false)}
          onKeyDown={async (event) => {
            if (event.key !== "Enter" && event.key !== "Escape") return;
            event.stopPropagation();
            const { value } = event.currentTarget;
            if (event.key === "Escape" || (await props.onMake(value))) setNaming(false);
          }}
        />
      ) : (
        <Button size="small" onClick={() => setNaming(true)}>
          New menu…
        </Button>
      )}
    </div>
  );
}
