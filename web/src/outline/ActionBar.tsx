import { Button, Dropdown, Tooltip } from "antd";
import { type KeyboardEvent, type ReactNode, useLayoutEffect, useRef, useState } from "react";
import { MoreIcon } from "../shared/icons";
import { SteadyButton } from "../shared/SteadyButton";

/** Something that can be done to the chosen rows. */
export type Action = {
  readonly key: string;
  /** What the button says; left out where the drawing is enough, with `name` for those who do not see it. */
  readonly label?: string;
  readonly name?: string;
  readonly icon: ReactNode;
  /** What it does, and its key. */
  readonly hint: string;
  /** Whether there is nothing for it to do now. */
  readonly idle?: boolean;
  readonly onClick: () => void;
};

/**
 * What can be done to the chosen rows, on one line: what does not fit stands behind *More*, what removes stands apart,
 * at the end. One stop for Tab; arrow keys go from button to button.
 */
export function ActionBar(props: {
  readonly label: string;
  readonly title: string;
  readonly actions: readonly Action[];
  /** Opens a list of its own, and never stands behind *More*. */
  readonly list?: ReactNode;
  readonly removes: Action | null;
}) {
  const { actions, removes } = props;
  const bar = useRef<HTMLDivElement>(null);
  const fits = useFitting(bar, actions, `${props.title} ${props.list !== undefined}`);
  const shown = actions.slice(0, fits);
  const more = actions.slice(fits);
  return (
    <div
      ref={bar}
      className="actions"
      role="toolbar"
      aria-label={props.label}
      onKeyDown={(event) => goAlong(event, bar.current)}
      onFocus={(event) => becomeStop(bar.current, event.target)}
    >
      <b title={props.title}>{props.title}</b>
      <span className="does">
        {shown.map((action, index) => (
          <ActionButton key={action.key} action={action} isStop={index === 0} />
        ))}
      </span>
      {props.list}
      {more.length > 0 && (
        <Dropdown
          trigger={["click"]}
          autoFocus
          menu={{
            items: more.map(({ key, label, name, icon, idle }) => ({
              key,
              icon,
              label: label ?? name,
              disabled: idle ?? false,
            })),
            onClick: ({ key }) => more.find((action) => action.key === key)?.onClick(),
          }}
        >
          <Button className="more" type="text" size="small" tabIndex={-1} icon={<MoreIcon />}>
            More
          </Button>
        </Dropdown>
      )}
      {removes && (
        <span className="removes">
          <ActionButton action={removes} isStop={false} />
        </span>
      )}
    </div>
  );
}

function ActionButton({ action, isStop }: { readonly action: Action; readonly isStop: boolean }) {
  return (
    <Tooltip title={action.hint} mouseEnterDelay={0.4}>
      <SteadyButton
        type="text"
        size="small"
        data-action={action.key}
        tabIndex={isStop ? 0 : -1}
        aria-label={action.name}
        idle={action.idle ?? false}
        icon={action.icon}
        onClick={action.onClick}
      >
        {action.label}
      </SteadyButton>
    </Tooltip>
  );
}

function buttonsOf(bar: HTMLElement | null): HTMLButtonElement[] {
  return [...(bar?.querySelectorAll<HTMLButtonElement>("button") ?? [])];
}

const STEPS: Readonly<Record<string, (at: number, count: number) => number>> = {
  ArrowLeft: (at, count) => (at + count - 1) % count,
  ArrowRight: (at, count) => (at + 1) % count,
  Home: () => 0,
  End: (_at, count) => count - 1,
};

function goAlong(event: KeyboardEvent, bar: HTMLElement | null): void {
  const step = STEPS[event.key];
  const buttons = buttonsOf(bar);
  const at = buttons.indexOf(document.activeElement as HTMLButtonElement);
  if (!step || at < 0) return;
  event.preventDefault();
  buttons[step(at, buttons.length)]?.focus();
}

/** Tab comes back to the button that had the focus last. */
function becomeStop(bar: HTMLElement | null, focused: EventTarget): void {
  for (const button of buttonsOf(bar)) button.tabIndex = button === focused ? 0 : -1;
}

/** Pixels that *More* takes. */
const MORE = 74;

/**
 * How many of the actions fit on the line, by the widths they have once they have been shown.
 *
 * @param beside tells what else stands on the line
 */
function useFitting(
  bar: { readonly current: HTMLDivElement | null },
  actions: readonly Action[],
  beside: string,
): number {
  const widths = useRef(new Map<string, number>());
  const [width, setWidth] = useState(0);
  const [fits, setFits] = useState(actions.length);
  const kinds = actions.map((action) => `${action.key} ${action.label}`).join();
  useLayoutEffect(() => {
    const element = bar.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, [bar]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: measured anew where other actions, or another width, are
  useLayoutEffect(() => {
    const element = bar.current;
    if (!element) return;
    const wordsOf = (action: Action) => `${action.key} ${action.label}`;
    for (const button of element.querySelectorAll<HTMLElement>(".does > button")) {
      const action = actions.find((each) => each.key === button.dataset.action);
      if (action) widths.current.set(wordsOf(action), button.offsetWidth);
    }
    const unknown = actions.findIndex((action) => !widths.current.has(wordsOf(action)));
    if (unknown >= 0 && fits < actions.length) return setFits(actions.length); // shown once, to be measured
    const others = [...element.children]
      .filter((child) => !child.classList.contains("does") && !child.classList.contains("more"))
      .reduce((sum, child) => sum + (child as HTMLElement).offsetWidth, 0);
    const room = element.clientWidth - others - 32;
    setFits(
      fitting(
        actions.map((action) => widths.current.get(wordsOf(action)) ?? 0),
        room,
      ),
    );
  }, [kinds, beside, width, fits]);
  return Math.min(fits, actions.length);
}

/** How many of some widths fit into a room; where not all do, *More* takes its share. */
export function fitting(widths: readonly number[], room: number): number {
  const total = widths.reduce((sum, width) => sum + width, 0);
  if (total <= room) return widths.length;
  let sum = MORE;
  const over = widths.findIndex((width) => {
    sum += width;
    return sum > room;
  });
  return Math.max(0, over);
}
