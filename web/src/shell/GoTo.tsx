import { useQuery } from "@tanstack/react-query";
import { useEffect, useId, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import type { PersonDto } from "../api/client";
import { menusAddress } from "../menus/address";
import { menusAt } from "../menus/menusAt";
import { FindField } from "../shared/FindField";
import { matching } from "../shared/matching";
import type { WorkingCopy } from "../working-copy/store";
import { addressOf } from "../working-copy/tree";
import { HelpPage } from "./HelpPage";
import { HELP, type HelpTopic } from "./help";
import { SCREENS, SHEET } from "./screenNames";

/** As many as fit; the rest is found by typing more. */
const SHOWN = 12;

/** Somewhere to go, or something to do. */
type Goal = {
  readonly key: string;
  readonly words: string;
  /** What it is, and where. */
  readonly detail: string;
  readonly go: () => void;
};

export type Command = { readonly words: string; readonly detail: string; readonly run: () => void };

const words = (goal: Goal) => goal.words;

/** Finds pages, items, menus, screens and commands by typing, and goes there or does it. */
export default function GoTo(props: {
  readonly copy: WorkingCopy;
  readonly person: PersonDto;
  readonly commands: readonly Command[];
  /** Whether only questions are looked for. */
  readonly asking: boolean;
  readonly onClose: () => void;
}) {
  const { copy, onClose, asking } = props;
  const [typed, setTyped] = useState("");
  const [topic, setTopic] = useState<HelpTopic | null>(null);
  const goals = useGoals(props);
  const found = useMemo(() => {
    const questions = HELP.map((each) => ({
      key: each.question,
      words: each.question,
      detail: "help",
      go: () => setTopic(each),
    }));
    if (asking) return typed.trim() === "" ? questions : matching(questions, words, typed, SHOWN);
    return typed.trim() === ""
      ? goals.slice(0, SHOWN)
      : matching([...goals, ...questions], words, typed, SHOWN);
  }, [goals, typed, asking]);
  useEffect(() => {
    const before = document.activeElement;
    return () => (before instanceof HTMLElement ? before.focus() : undefined);
  }, []);
  return (
    <dialog
      className="go-anywhere"
      aria-label="Go to, or do"
      ref={(dialog) => {
        if (dialog && !dialog.open) dialog.showModal();
      }}
      onClose={onClose}
      onClick={(event) => event.target === event.currentTarget && onClose()}
      onKeyDown={(event) => event.stopPropagation()}
    >
      {topic ? (
        <HelpPage topic={topic} onBack={() => setTopic(null)} onClose={onClose} />
      ) : (
        <Finding goals={found} asking={asking} siteName={copy.siteName} {...{ typed, setTyped, onClose }} />
      )}
    </dialog>
  );
}

/** The field, and what it finds. */
function Finding(props: {
  readonly goals: readonly Goal[];
  readonly asking: boolean;
  readonly siteName: string;
  readonly typed: string;
  readonly setTyped: (typed: string) => void;
  readonly onClose: () => void;
}) {
  const { goals, onClose } = props;
  const [at, setAt] = useState(0);
  const list = useId();
  const chosen = Math.min(at, goals.length - 1);
  const take = (goal: Goal | undefined) => {
    if (!goal) return;
    if (goal.detail !== "help") onClose();
    goal.go();
  };
  return (
    <>
      <FindField
        list={list}
        active={goals[chosen] ? `${list}-${chosen}` : undefined}
        label="Find a page, item, menu, screen or command"
        placeholder={props.asking ? "What would you like to do?" : `Find anything on ${props.siteName}`}
        typed={props.typed}
        onType={(text) => {
          props.setTyped(text);
          setAt(0);
        }}
        onMove={(by) => setAt(Math.max(0, Math.min(chosen + by, goals.length - 1)))}
        onEnter={() => take(goals[chosen])}
        onLeave={onClose}
      />
      <div className="goals" role="listbox" id={list} aria-label="Found">
        {goals.map((goal, index) => (
          // biome-ignore lint/a11y/useKeyWithClickEvents: chosen by the arrow keys in the field above
          <div
            key={goal.key}
            id={`${list}-${index}`}
            role="option"
            tabIndex={-1}
            aria-selected={index === chosen}
            ref={index === chosen ? (element) => element?.scrollIntoView({ block: "nearest" }) : null}
            onClick={() => take(goal)}
          >
            <b>{goal.words}</b> <span>{goal.detail}</span>
          </div>
        ))}
        {goals.length === 0 && <p>Nothing is called that.</p>}
      </div>
    </>
  );
}

function useGoals(props: Parameters<typeof GoTo>[0]): readonly Goal[] {
  const { copy, person, commands } = props;
  const navigate = useNavigate();
  const menus = useQuery(menusAt(copy.revision)).data?.menus;
  return useMemo(() => {
    const go = (address: string) => () => void navigate(address);
    return [
      ...SCREENS.filter((screen) => !("ownersOnly" in screen) || person.role === "OWNER").map((screen) => ({
        key: screen.path,
        words: screen.name,
        detail: "screen",
        go: go(screen.path),
      })),
      { key: SHEET.path, words: SHEET.name, detail: "screen", go: go(SHEET.path) },
      ...commands.map(({ words, detail, run }) => ({ key: `do ${words}`, words, detail, go: run })),
      ...[...copy.tree.pages.values()].map((page) => ({
        key: page.id,
        words: page.title,
        detail: `page · ${addressOf(copy.tree, page.id)}`,
        go: () => void navigate(`/pages/${page.id}`, { state: { arrival: page.id } }),
      })),
      ...(menus ?? []).flatMap((menu) => [
        {
          key: menu.id,
          words: menu.name,
          detail: "menu",
          go: go(menusAddress({ menu: menu.id, item: menu.id, page: null })),
        },
        ...menu.rows
          .filter((row) => !row.foreign && row.kind.kind !== "LISTED" && row.label !== "")
          .map((row) => ({
            key: `${menu.id} ${row.key}`,
            words: row.label,
            detail: `item of ${menu.name}`,
            go: go(menusAddress({ menu: menu.id, item: row.item, page: null })),
          })),
      ]),
    ];
  }, [copy, person, commands, menus, navigate]);
}
