import { type CSSProperties, type KeyboardEvent, type PointerEvent, type ReactNode, useState } from "react";
import { Editing } from "../people/mayEdit";

const STORED = "velnik.split";
/** Shares of the whole, in hundredths. */
const START = { desk: 52, window: 55 };
const LEAST = 25;
const MOST = 75;

type Shares = typeof START;

/** Desk, window and card, with borders that can be moved. Below 900 px they are one column, one at a time. */
export function Split(props: {
  readonly desk: ReactNode;
  readonly window: ReactNode;
  readonly card: ReactNode;
  readonly whole: boolean;
  /** Whether the card needs the room of the window too. */
  readonly tall?: boolean;
}) {
  const [shares, setShares] = useState<Shares>(stored);
  const [shown, setShown] = useState<"desk" | "beside">("desk");
  const change = (part: Partial<Shares>) => {
    const next = { ...shares, ...part };
    setShares(next);
    localStorage.setItem(STORED, JSON.stringify(next));
  };
  return (
    <main
      className={`area ${props.whole ? "whole" : ""} ${props.tall ? "tall" : ""} shows-${shown}`}
      style={share("--desk", shares.desk)}
    >
      <button type="button" className="switch" onClick={() => setShown(shown === "desk" ? "beside" : "desk")}>
        {shown === "desk" ? "Preview and card" : "Back to the outline"}
      </button>
      {props.desk}
      <Border label="Width of the desk" value={shares.desk} across onMove={(desk) => change({ desk })} />
      <div className="beside" style={share("--window", shares.window)}>
        {props.window}
        <Border label="Height of the preview" value={shares.window} onMove={(window) => change({ window })} />
        <Editing>{props.card}</Editing>
      </div>
    </main>
  );
}

/** A share as a custom property, which the style sheet goes by. */
function share(name: `--${string}`, hundredths: number): CSSProperties {
  return { [name]: `${hundredths}%` };
}

function Border(props: {
  readonly label: string;
  readonly value: number;
  readonly across?: boolean;
  readonly onMove: (value: number) => void;
}) {
  const move = (value: number) => props.onMove(Math.min(MOST, Math.max(LEAST, Math.round(value))));
  const drag = (event: PointerEvent<HTMLElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const whole = event.currentTarget.parentElement?.getBoundingClientRect();
    if (!whole) return;
    move(
      props.across
        ? ((event.clientX - whole.left) / whole.width) * 100
        : ((event.clientY - whole.top) / whole.height) * 100,
    );
  };
  const key = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -2, ArrowUp: -2, ArrowRight: 2, ArrowDown: 2 }[event.key];
    if (step) {
      event.preventDefault();
      move(props.value + step);
    }
  };
  return (
    <div
      className={props.across ? "border across" : "border"}
      role="separator"
      aria-label={props.label}
      aria-orientation={props.across ? "vertical" : "horizontal"}
      aria-valuenow={props.value}
      aria-valuemin={LEAST}
      aria-valuemax={MOST}
      tabIndex={0}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={drag}
      onKeyDown={key}
      title="Drag to resize; double-click for two halves"
      onDoubleClick={() => move(50)}
    />
  );
}

function stored(): Shares {
  try {
    return { ...START, ...JSON.parse(localStorage.getItem(STORED) ?? "{}") };
  } catch {
    return START;
  }
}
