/** Narrows a sheet of menus while something is typed, and puts it back when it closes. */

const SHEETS = "details:is(.sheet, .drawer)";
/** What does not match while a sheet is narrowed. */
const AWAY = "away-from-words";

let marked: HTMLElement[] = [];
let unfolded: HTMLDetailsElement[] = [];

/** As it was sent. */
function spread(): void {
  for (const row of marked) row.classList.remove(AWAY);
  for (const folded of unfolded) folded.open = false;
  marked = [];
  unfolded = [];
}

const WORDS = ":scope > :is(a, .words, .note), :scope > details > summary";

/** The words of a row without those of what is beneath it, in small letters and without marks. */
function wordsOf(row: Element): string {
  const words = [...row.querySelectorAll(row.matches(".block") ? ":scope > :not(ul)" : WORDS)];
  return plain(words.map((each) => each.textContent ?? "").join(" "));
}

function plain(text: string): string {
  return text.normalize("NFD").replace(/\p{M}/gu, "").toLocaleLowerCase();
}

/** Leaves the rows that have all the words, with what is above and beneath them. Answers with the first link. */
function narrow(sheet: Element, typed: string): HTMLAnchorElement | null {
  spread();
  const asked = plain(typed).split(/\s+/).filter(Boolean);
  if (asked.length === 0) return null;
  const rows = [...sheet.querySelectorAll<HTMLElement>(".menu li")];
  const found = rows.filter((row) => asked.every((word) => wordsOf(row).includes(word)));
  const kept = new Set<Element>();
  for (const row of found) {
    for (const beneath of row.querySelectorAll("li")) kept.add(beneath);
    for (let at: Element | null = row; at; at = at.parentElement?.closest(".menu li") ?? null) {
      kept.add(at);
      const folded = at === row ? null : at.querySelector<HTMLDetailsElement>(":scope > details:not([open])");
      if (folded) {
        folded.open = true;
        unfolded.push(folded);
      }
    }
  }
  marked = rows.filter((row) => !kept.has(row));
  for (const row of marked) row.classList.add(AWAY);
  return (
    found
      .map((row) => row.querySelector<HTMLAnchorElement>("a:not(.contact-card a)"))
      .find((link) => link !== null) ?? null
  );
}

function sheetOf(event: Event): { sheet: HTMLDetailsElement; field: HTMLInputElement } | null {
  const field = event.target;
  if (!(field instanceof HTMLInputElement)) return null;
  const sheet = field.closest(".seek")?.closest<HTMLDetailsElement>(SHEETS);
  return sheet ? { sheet, field } : null;
}

export function listen(): void {
  document.addEventListener("input", (event) => {
    const at = sheetOf(event);
    if (!at) return;
    const first = narrow(at.sheet, at.field.value);
    const status = at.sheet.querySelector<HTMLElement>(".seek [role=status]");
    if (status) status.textContent = first || at.field.value.trim() === "" ? "" : (status.dataset.none ?? "");
  });
  // What the sheet shows is one step away; anything else is searched for.
  document.addEventListener("keydown", (event) => {
    const at = event.key === "Enter" ? sheetOf(event) : null;
    if (!at) return;
    const first = narrow(at.sheet, at.field.value);
    if (first || !at.field.form?.hasAttribute("action")) event.preventDefault();
    first?.click();
  });
  document.addEventListener(
    "toggle",
    (event) => {
      if (!(event.target instanceof HTMLDetailsElement) || !event.target.matches(SHEETS)) return;
      const field = event.target.querySelector<HTMLInputElement>(".seek input");
      if (!field) return;
      spread();
      field.value = "";
      // On a phone the keyboard would cover what there is to see.
      if (event.target.open && event.target.matches(".sheet")) field.focus();
    },
    true, // it does not rise
  );
}
