import type { ReactNode } from "react";

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
