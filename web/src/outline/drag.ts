import { type PointerEvent as ReactPointerEvent, useSyncExternalStore } from "react";

/** What is being dragged: rows of an outline, or pages out of the tree that is shown beside the menus. */
export type Load = {
  readonly from: "rows" | "pages";
  readonly ids: readonly string[];
  /** The level of the first of them, which a move sideways goes from; 1 for pages from elsewhere. */
  readonly level: number;
  /** Of pages, whether they stay nested as in the tree. */
  readonly nested?: boolean;
  /** What is said of them beside the pointer. */
  readonly name: string;
};

export type Drag = {
  readonly load: Load;
  /** Where the pointer is and where it set out, in pixels of the browser's window. */
  readonly x: number;
  readonly y: number;
  readonly fromX: number;
};

/** Pixels that a mouse goes before a press is a drag. */
const SLACK = 5;
/** Milliseconds that a finger rests before it drags rather than scrolls. */
const HOLD = 450;

let current: Drag | null = null;
let drop: (() => void) | null = null;
const listeners = new Set<() => void>();

function become(drag: Drag | null): void {
  current = drag;
  const { classList } = document.documentElement;
  classList.toggle("dragging", drag !== null);
  classList.toggle("dragging-rows", drag?.load.from === "rows");
  for (const listener of listeners) listener();
}

// There from the start: a browser decides when a finger comes down whether it may scroll without asking.
document.addEventListener("touchmove", (move) => current && move.preventDefault(), { passive: false });

/** The drag that is going on. */
export function useDrag(): Drag | null {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => current,
  );
}

/** Says what letting go would do where the pointer is; null for nothing. */
export function onDrop(work: (() => void) | null): void {
  drop = work;
}

/**
 * Begins to watch a press that may become a drag. A mouse drags once it has moved a little, a finger once it has rested
 * a moment; until then a press is a press, and a finger scrolls. Escape gives up.
 */
export function press(event: ReactPointerEvent, load: () => Load | null): void {
  if (event.button !== 0 || !event.isPrimary) return;
  const from = { x: event.clientX, y: event.clientY };
  const finger = event.pointerType === "touch";
  const end = new AbortController();
  const { signal } = end;
  const finish = () => {
    clearTimeout(hold);
    end.abort();
    if (current) {
      drop = null;
      become(null);
    }
  };
  const begin = () => {
    const what = load();
    if (what) become({ load: what, ...from, fromX: from.x });
    else finish();
  };
  const hold = finger ? setTimeout(begin, HOLD) : undefined;
  const on = <K extends keyof DocumentEventMap>(
    type: K,
    listener: (event: DocumentEventMap[K]) => void,
    options: AddEventListenerOptions = {},
  ) => document.addEventListener(type, listener, { ...options, signal });

  on("pointermove", (move) => {
    if (move.pointerId !== event.pointerId) return;
    const far = Math.hypot(move.clientX - from.x, move.clientY - from.y) > SLACK;
    if (current) become({ ...current, x: move.clientX, y: move.clientY });
    else if (far && finger) finish();
    else if (far) {
      begin();
      if (current) become({ ...(current as Drag), x: move.clientX, y: move.clientY });
    }
  });
  on("pointerup", () => {
    const work = current ? drop : null;
    if (current) swallowClick();
    finish();
    work?.();
  });
  on("pointercancel", finish);
  on("contextmenu", (menu) => finger && menu.preventDefault());
  on(
    "keydown",
    (key) => {
      if (!current || key.key !== "Escape") return;
      key.preventDefault();
      key.stopPropagation();
      finish();
    },
    { capture: true },
  );
}

/** The click that ends a drag is none. */
function swallowClick(): void {
  const stop = (click: MouseEvent) => click.stopPropagation();
  document.addEventListener("click", stop, { capture: true, once: true });
  setTimeout(() => document.removeEventListener("click", stop, { capture: true }));
}
