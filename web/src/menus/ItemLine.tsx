import { useQuery } from "@tanstack/react-query";
import { Button, Input, type InputRef } from "antd";
import { type ReactNode, useEffect, useId, useRef, useState } from "react";
import { type AnswerDto, api, type OfferDto } from "../api/client";
import { type Foretold, usePasting } from "../outline/usePasting";
import { answerOf, ifKnown } from "../shared/answer";
import { intoSight } from "../shared/intoSight";
import { Says } from "../shared/Says";
import type { Result } from "../working-copy/store";
import { asKind, KIND_WORDS } from "./words";

/**
 * An item being typed where it will stand. What is typed is understood by the server and offered as a page, a link, a
 * heading, a text or a new page; Enter takes the offer and goes on, Tab nests, a pasted list becomes many
 * once it was told which.
 */
export function ItemLine(props: {
  readonly menu: string;
  readonly place: unknown;
  /** Once what was done before is on the server: the menu itself may be on its way. */
  readonly settled: () => Promise<unknown>;
  /** Takes the place at once, so that the next line can be typed while the offer is still on its way. */
  readonly onAdd: (offer: () => Promise<OfferDto | undefined>) => Promise<Result>;
  /** What a pasted list would add. */
  readonly onForetell: (text: string) => Promise<Foretold>;
  readonly onPaste: (text: string) => Promise<Result>;
  /** What can be done about what was added last. */
  readonly about: (added: AnswerDto, done: () => void) => ReactNode;
  readonly onNest: () => void;
  readonly onOut: () => void;
  readonly onLeave: () => void;
}) {
  const { menu, settled } = props;
  const [typed, setTyped] = useState("");
  const [chosen, setChosen] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  /** What the last line brought that something can be done about. */
  const [added, setAdded] = useState<AnswerDto | null>(null);
  const field = useRef<InputRef>(null);
  const list = useId();
  const text = typed.trim();
  const query = useQuery({
    queryKey: ["offers", menu, text],
    queryFn: async ({ signal }) => {
      await settled();
      return api.offers(menu, text, signal);
    },
    enabled: text !== "",
    placeholderData: (previous) => previous,
  });
  const answer = answerOf(query);
  const offers = text === "" ? [] : (ifKnown(answer) ?? []);
  /** Offers for what is typed are on their way; keys count on in what will come. */
  const waits = text !== "" && (query.isPlaceholderData || !query.data);
  const at = Math.min(chosen, offers.length - 1);
  const offered = useRef<HTMLDivElement>(null);
  // At the lower edge of the outline they would be out of sight.
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever others are offered
  useEffect(() => {
    intoSight(offered.current);
  }, [offers.length]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the field keeps the focus when it comes to stand elsewhere
  useEffect(() => field.current?.focus(), [props.place]);

  /** The field is free at once; what was refused comes back into it, unless something else is typed by then. */
  const take = async (result: Promise<Result>) => {
    const sent = typed;
    setTyped("");
    setChosen(0);
    const taken = await result;
    setProblem(taken.ok ? null : taken.sentence);
    setAdded(taken.ok && taken.answer.remedies.length > 0 ? taken.answer : null);
    if (!taken.ok) setTyped((now) => (now === "" ? sent : now));
  };
  const pasting = usePasting(props.onForetell, props.onPaste);
  // What was offered for the text as it is now, not for the one before the last key.
  const meant = async () => {
    const current = waits ? await api.offers(menu, text) : (query.data ?? []);
    return current[Math.min(chosen, current.length - 1)];
  };
  return (
    <>
      <Says sentence={problem ?? pasting.problem} above>
        <Input
          ref={field}
          size="small"
          value={typed}
          placeholder="Type a page, a link, a heading… or paste a list"
          role="combobox"
          aria-expanded={offers.length > 0}
          aria-controls={list}
          aria-activedescendant={offers.length > 0 ? `${list}-${at}` : undefined}
          aria-label="The new item"
          aria-invalid={problem !== null}
          onChange={(event) => {
            setTyped(event.target.value);
            setChosen(0);
            setProblem(null);
          }}
          onBlur={() => {
            if (text === "" && !pasting.waits) props.onLeave();
          }}
          onPaste={pasting.onPaste}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === "Enter" && pasting.waits) void pasting.confirm();
            else if (event.key === "Escape" && pasting.waits) pasting.discard();
            else if (event.key === "Enter" && text !== "") void take(props.onAdd(meant));
            else if (event.key === "Escape") return props.onLeave();
            else if (event.key === "ArrowDown")
              setChosen(waits ? chosen + 1 : Math.min(at + 1, offers.length - 1));
            else if (event.key === "ArrowUp") setChosen(Math.max(at - 1, 0));
            else if (event.key === "Tab" && typed !== "") event.shiftKey ? props.onOut() : props.onNest();
            else return;
            event.preventDefault();
          }}
        />
      </Says>
      {offers.length > 0 && (
        <div ref={offered} className="offers" role="listbox" id={list} aria-label="What it could be">
          {offers.map((offer, index) => (
            <div
              key={`${offer.offer} ${offer.kind?.kind} ${offer.kind?.page ?? offer.kind?.file ?? offer.words}`}
              id={`${list}-${index}`}
              role="option"
              tabIndex={-1}
              aria-selected={index === at}
              onMouseDown={(event) => {
                event.preventDefault();
                void take(props.onAdd(() => Promise.resolve(offer)));
              }}
            >
              <b>{offer.words || "Not possible"}</b>
              <span>{wordsFor(offer)}</span>
            </div>
          ))}
        </div>
      )}
      {text === "" && !pasting.waits && (added ? props.about(added, () => setAdded(null)) : <Forms />)}
      {text !== "" && answer.status === "failed" && (
        <div className="offers failed" role="alert">
          {answer.sentence}{" "}
          <Button size="small" onMouseDown={(event) => event.preventDefault()} onClick={answer.again}>
            Try again
          </Button>
        </div>
      )}
      {pasting.note}
    </>
  );
}

/** What the line understands. */
function Forms() {
  return (
    <div ref={intoSight} className="forms" aria-hidden="true">
      a page’s title · Boats = Hire · Tide tables tides.example · a mail address · a phone number · a heading
    </div>
  );
}

function wordsFor(offer: OfferDto): string {
  switch (offer.offer) {
    case "PAGE":
      return `page · ${offer.detail}${offer.placed ? " · already in this menu" : ""}`;
    case "LINK":
      return [offer.kind && KIND_WORDS[offer.kind.kind], offer.detail].filter(Boolean).join(" · ");
    case "LISTING":
      return "the list of all pages of that topic";
    case "BLOCK":
      return offer.kind ? asKind(offer.kind.kind) : "";
    case "HEADING":
      return "as a heading";
    case "TEXT":
      return "as a text";
    case "LIST":
      return "as a list that fills itself";
    case "MENU":
      return "all items of that menu";
    case "NEW_PAGE":
      return "as a new page";
    case "REFUSED":
      return offer.detail;
  }
}
