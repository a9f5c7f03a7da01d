import type { ReactNode } from "react";
import type { RemedyDto, TriedDto } from "../api/client";
import { AddressChanges } from "./AddressChanges";
import { type Answer, derived, ifKnown } from "./answer";

/** What a choice would bring beyond itself, said before it is made; nothing where it brings nothing. */
export function WhatFollows(props: {
  readonly choice: string;
  readonly answer: Answer<TriedDto | undefined>;
  /** What can be done about it before. */
  readonly before?: (remedies: readonly RemedyDto[]) => ReactNode;
}) {
  const tried = derived(props.answer, (answer) => answer?.refused ?? answer?.told.slice(1).join(" ") ?? "");
  return (
    tried.status === "known" &&
    tried.value !== "" && (
      <div className="hint">
        <b>{props.choice}:</b> {tried.value}
        <AddressChanges changes={ifKnown(props.answer)?.addresses ?? []} />{" "}
        {props.before?.(ifKnown(props.answer)?.remedies ?? [])}
      </div>
    )
  );
}
