import { type RefObject, useState } from "react";
import type { Result } from "../working-copy/store";
import type { Choice } from "./choice";

/** A row whose words are being typed, a sentence at a row, or a line that is no row yet. */
export type Attention<Line> =
  | { readonly kind: "none" }
  | { readonly kind: "editing"; readonly row: string }
  | { readonly kind: "problem"; readonly row: string; readonly sentence: string }
  | Line;

const NONE = { kind: "none" } as const;

export type Desk<Line extends { readonly kind: string }> = ReturnType<typeof useDesk<Line>>;

/**
 * What stands at the rows of an outline beside what they say, and whether presses tick.
 *
 * @typeParam Line a line among the rows that is no row yet, such as that of something new
 */
export function useDesk<Line extends { readonly kind: string }>(
  gridRef: RefObject<HTMLDivElement | null>,
  onChoose: (choice: Choice) => void,
) {
  const [attention, setAttention] = useState<Attention<Line>>(NONE);
  const [ticking, setTicking] = useState(false);
  const backToOutline = () => gridRef.current?.focus({ preventScroll: true });
  return {
    gridRef,
    attention,
    setAttention,
    ticking,
    setTicking,
    backToOutline,
    leave: () => {
      setAttention(NONE);
      backToOutline();
    },
    choose: (next: Choice) => {
      setAttention(NONE);
      onChoose(next);
    },
    edit: (row: string) => setAttention({ kind: "editing", row }),
    /** Says at a row why something was refused; where it was not, nothing stands there any more. */
    tell: (row: string, result: Result) =>
      setAttention(result.ok ? NONE : { kind: "problem", row, sentence: result.sentence }),
    isEdited: (row: string) => isAt(attention, "editing", row),
    problemAt: (row: string) => (isProblem(attention) && attention.row === row ? attention.sentence : null),
  };
}

type Problem = Extract<Attention<never>, { kind: "problem" }>;

function isProblem(attention: { readonly kind: string }): attention is Problem {
  return attention.kind === "problem";
}

function isAt(
  attention: { readonly kind: string; readonly row?: string },
  kind: string,
  row: string,
): boolean {
  return attention.kind === kind && attention.row === row;
}
