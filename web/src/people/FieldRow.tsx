import type { ReactNode } from "react";
import { Refused } from "../api/client";
import { sentenceOf } from "../shared/sentenceOf";

/** A field of a form with its label, and what is wrong with what was typed. */
export function FieldRow(props: {
  readonly id: string;
  readonly label: string;
  readonly problem: string | undefined;
  readonly children: ReactNode;
}) {
  return (
    <>
      <label htmlFor={props.id}>{props.label}</label>
      {props.children}
      {props.problem && (
        <p className="problem" role="alert">
          {props.problem}
        </p>
      )}
    </>
  );
}

/** What is wrong, by the field of the form; what is about none of them, about the form. */
export function problemsOf(wrong: unknown, other = "form"): Readonly<Record<string, string>> {
  const fields = wrong instanceof Refused ? wrong.errors : [];
  return fields.length > 0
    ? Object.fromEntries(fields.map((error) => [error.field, error.sentence]))
    : { [other]: sentenceOf(wrong) };
}
