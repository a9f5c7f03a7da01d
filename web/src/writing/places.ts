import { selectedCompletionIndex, startCompletion } from "@codemirror/autocomplete";
import { type EditorState, Facet } from "@codemirror/state";
import { Decoration, type EditorView, MatchDecorator, WidgetType } from "@codemirror/view";
import type { TextPlaceDto } from "../api/client";
import { matching } from "../shared/matching";

/** Finds places on pages by what was typed of their headings. */
export type FindsPlaces = (typed: string) => Promise<readonly TextPlaceDto[]>;

/** Letters from which on headings are looked for. */
const FEWEST = 3;

/** As many as are offered beside pages and files. */
const OFFERED = 8;

/**
 * The places found so far for what is typed. What is on its way is offered once it is there; nobody waits for it, so
 * that Enter always chooses what is seen.
 */
export class PlacesFound {
  private asked = "";
  private found: { readonly typed: string; readonly places: readonly TextPlaceDto[] } = {
    typed: "",
    places: [],
  };

  /** @param onFound told when there are others than before */
  constructor(
    private readonly find: FindsPlaces,
    private readonly onFound: () => void,
  ) {}

  /** What is known now. */
  now(typed: string): readonly TextPlaceDto[] {
    const wanted = typed.replace("#", "").trim();
    if (wanted.length < FEWEST) return [];
    if (wanted !== this.asked) void this.ask(wanted);
    const { places } = this.found;
    const those =
      this.found.typed === wanted ? places : matching(places, ({ words }) => words, wanted, OFFERED);
    return those.slice(0, OFFERED);
  }

  private async ask(wanted: string): Promise<void> {
    this.asked = wanted;
    // Pages and files are offered all the same, and the next letter asks again.
    const places = await this.find(wanted).catch(() => []);
    if (this.asked !== wanted) return;
    const before = this.now(wanted);
    this.found = { typed: wanted, places };
    if (this.now(wanted).some(({ name }, at) => name !== before[at]?.name)) this.onFound();
  }
}

/** Offers again what is offered, unless somebody went past the first of it. */
export function offersAgain(view: EditorView): void {
  if (view.hasFocus && (selectedCompletionIndex(view.state) ?? 0) === 0) startCompletion(view);
}

/** Who is asked for places. */
export const placesFound = Facet.define<PlacesFound, PlacesFound | null>({
  combine: (all) => all[0] ?? null,
});

/** What a heading says it is called by links. */
const NAME = /\{#([a-z0-9-]{1,80})\}/g;

/** That, in the place of how it is written. */
class PlaceName extends WidgetType {
  constructor(private readonly name: string) {
    super();
  }

  override eq(other: PlaceName): boolean {
    return other.name === this.name;
  }

  override toDOM(): HTMLElement {
    const shown = document.createElement("span");
    shown.className = "page-name";
    shown.textContent = `#${this.name}`;
    shown.title = "What links call this heading: it stays when the words change";
    return shown;
  }
}

export const placeNames = new MatchDecorator({
  regexp: NAME,
  decorate: (add, from, to, [, name = ""], view) => {
    if (/^[\s>*+-]*#{1,6}\s/.test(view.state.doc.lineAt(from).text)) {
      add(from, to, Decoration.replace({ widget: new PlaceName(name) }));
    }
  },
});

/** Behind the name of a heading where the cursor stands right before it, so that Enter does not part the two. */
export function pastPlaceName(state: EditorState): number | null {
  const { from, to, empty } = state.selection.main;
  const line = state.doc.lineAt(from);
  const rest = state.sliceDoc(to, line.to);
  return empty && line.text.startsWith("#") && /^\s*\{#[a-z0-9-]{1,80}\}\s*$/.test(rest) ? line.to : null;
}
