import { Button } from "antd";
import { type ClipboardEvent, useState } from "react";
import { counted } from "../shared/counted";
import { intoSight } from "../shared/intoSight";
import { sentenceOf } from "../shared/sentenceOf";
import type { Result } from "../working-copy/store";

/** What a pasted list would add, what its first lines become, and what is wrong with which line. */
export type Foretold = {
  readonly words: string;
  readonly lines: readonly ForetoldLine[];
  /** How many lines come after those. */
  readonly more: number;
  readonly refused: readonly string[];
};

type ForetoldLine = { readonly level: number; readonly reads: string; readonly leads: string };

type Pasted =
  | { readonly status: "none" }
  | { readonly status: "asking" | "adding"; readonly text: string }
  | { readonly status: "foretold"; readonly text: string; readonly foretold: Foretold };

const NONE: Pasted = { status: "none" };
/** How many of the lines that cannot be are told. */
const TOLD = 3;

/** A list pasted into an add line: first it is told what it would add, then Enter adds it and Escape gives it up. */
export function usePasting(
  foretell: (text: string) => Promise<Foretold>,
  add: (text: string) => Promise<Result>,
) {
  const [pasted, setPasted] = useState<Pasted>(NONE);
  const [problem, setProblem] = useState<string | null>(null);
  const ask = async (text: string) => {
    setProblem(null);
    setPasted({ status: "asking", text });
    try {
      const foretold = await foretell(text);
      setPasted((now) => (now.status === "asking" ? { status: "foretold", text, foretold } : now));
    } catch (failed) {
      setPasted(NONE);
      setProblem(sentenceOf(failed));
    }
  };
  const discard = () => setPasted(NONE);
  const confirm = async () => {
    if (pasted.status !== "foretold" || pasted.foretold.refused.length > 0) return;
    setPasted({ status: "adding", text: pasted.text });
    const result = await add(pasted.text);
    setPasted(NONE);
    setProblem(result.ok ? null : result.sentence);
  };
  return {
    /** Whether a list waits for Enter or Escape. */
    waits: pasted.status !== "none",
    problem,
    confirm,
    discard,
    /** One line is typed text like any other; several are a list. */
    onPaste: (event: ClipboardEvent) => {
      const text = event.clipboardData.getData("text");
      if (!/\S[^\S\n]*\n\s*\S/.test(text)) return;
      event.preventDefault();
      void ask(text);
    },
    note: pasted.status !== "none" && (
      <div className="pasted" role="status">
        {pasted.status !== "foretold" ? (
          <p>{pasted.status === "asking" ? "Reading the list…" : "Adding…"}</p>
        ) : (
          <>
            <p>
              <b>The list would add</b> {pasted.foretold.words}
            </p>
            <Lines {...pasted.foretold} />
            {pasted.foretold.refused.slice(0, TOLD).map((why) => (
              <p key={why} className="problem">
                {why}
              </p>
            ))}
            {pasted.foretold.refused.length > TOLD && (
              <p className="problem">And {pasted.foretold.refused.length - TOLD} more.</p>
            )}
            {/* The field keeps the focus, so that Enter and Escape go on meaning the list. */}
            <div
              ref={intoSight}
              className="choices"
              onMouseDown={(event) => event.preventDefault()}
              role="none"
            >
              {pasted.foretold.refused.length === 0 && (
                <Button size="small" type="primary" onClick={() => void confirm()}>
                  Add them (Enter)
                </Button>
              )}
              <Button size="small" onClick={discard}>
                Cancel (Escape)
              </Button>
            </div>
          </>
        )}
      </div>
    ),
  };
}

/** Every line with what it becomes; the field above keeps the focus, so the list is scrolled by wheel or finger. */
export function Lines(props: Pick<Foretold, "lines" | "more">) {
  return (
    <ol className="pasted-lines">
      {props.lines.map(({ level, reads, leads }, index) => (
        // Two lines may be alike, so only where they stand tells them apart.
        <li key={index} style={{ paddingInlineStart: (level - 1) * 18 }}>
          {reads} {leads && <span className="hint">{leads}</span>}
        </li>
      ))}
      {props.more > 0 && <li className="hint">and {counted(props.more, "# more line", "# more lines")}</li>}
    </ol>
  );
}
