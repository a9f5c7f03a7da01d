/** Kinds of input that nothing is typed in. */
const PRESSED = ["checkbox", "radio", "button", "file", "color", "range"];

/** Whether keys go into a field where somebody types. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      ["TEXTAREA", "SELECT"].includes(target.tagName) ||
      (target instanceof HTMLInputElement && !PRESSED.includes(target.type)))
  );
}

/** Whether undo is the field's own: not where something is chosen from a list, once no letter looks for it. */
export function undoesItself(target: EventTarget | null): boolean {
  const choosing =
    target instanceof HTMLInputElement && target.getAttribute("role") === "combobox" && target.value === "";
  return isTyping(target) && !choosing;
}

const LETTERS = "velnik.singleLetterKeys";

/** Whether single letters act in an outline; some people's input devices send them by accident. */
export function lettersAct(): boolean {
  return localStorage.getItem(LETTERS) !== "off";
}

export function letLettersAct(act: boolean): void {
  localStorage.setItem(LETTERS, act ? "on" : "off");
}

/** What keys do, by chord: "Ctrl+Shift+ArrowUp", "Delete", "n". A single letter is heard with Shift as without. */
export type Keys = Readonly<Record<string, () => void>>;

type Pressed = Pick<KeyboardEvent, "key" | "ctrlKey" | "metaKey" | "altKey" | "shiftKey" | "repeat">;

/**
 * What a key is to do; undefined where it is nobody's. Delete held down a moment too long takes one row, not ten, and a
 * letter does nothing for those who switched letters off.
 */
export function actionOf(keys: Keys, event: Pressed): (() => void) | undefined {
  const act = keys[chordOf(event)];
  const letter = event.key.length === 1 && !event.ctrlKey;
  if (letter && !lettersAct()) return undefined;
  return act && event.key === "Delete" && event.repeat ? () => {} : act;
}

function chordOf({ key, ctrlKey, metaKey, altKey, shiftKey }: Pressed): string {
  const letter = key.length === 1;
  const held = [ctrlKey && "Ctrl", metaKey && "Meta", altKey && "Alt", shiftKey && !letter && "Shift"];
  return [...held, letter ? key.toLowerCase() : key].filter(Boolean).join("+");
}
