/** Whether keys go into a field where somebody types. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName))
  );
}

const LETTERS = "velnik.singleLetterKeys";

/** Whether single letters act in an outline; some people's input devices send them by accident. */
export function lettersAct(): boolean {
  return localStorage.getItem(LETTERS) !== "off";
}

export function letLettersAct(act: boolean): void {
  localStorage.setItem(LETTERS, act ? "on" : "off");
}
