import { api, type ChangeDto } from "../api/client";
import { newId } from "../shared/ids";
import type { Result } from "../working-copy/store";
import { merged } from "./merged";

/** Milliseconds without a key until what was typed is saved, and so shown in the preview. */
const REST = 200;

/** Milliseconds without a key after which typing is another edit in the list of edits. */
const PAUSE = 10_000;

/** A text, and what names it, as the server has it. */
export type Kept = { readonly text: string; readonly hash: string | null };

type Told = {
  /** Shows a text that came from elsewhere. */
  readonly show: (text: string) => void;
  /** Says what the person should know; null when all is well. */
  readonly say: (sentence: string | null) => void;
};

/**
 * Saves the text of one page as it is typed. What others do to it meanwhile is taken in at once; where both changed the
 * same words, both versions stand in the text.
 */
export class TextKeeper {
  private kept: Kept;
  private text: string;
  private stretch = newId();
  private typedAt = 0;
  /** Whether what is said stands until something is saved: of a refusal always, of a merging once somebody types on. */
  private saidUntilSaved = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private turn: Promise<void> = Promise.resolve();

  constructor(
    private readonly page: string,
    kept: Kept,
    private readonly change: (change: ChangeDto) => Promise<Result>,
    private readonly told: Told,
  ) {
    this.kept = kept;
    this.text = kept.text;
  }

  /** Somebody types here. */
  readonly typed = (text: string): void => {
    const now = Date.now();
    if (now - this.typedAt > PAUSE) this.stretch = newId();
    this.typedAt = now;
    this.saidUntilSaved = true;
    this.text = text;
    clearTimeout(this.timer);
    this.timer = setTimeout(this.save, REST);
  };

  /** Whether something typed is not on its way yet. */
  readonly isDirty = (): boolean => this.text !== this.kept.text;

  /** Saves what was typed so far, without waiting for a pause. */
  readonly save = (): Promise<void> => {
    clearTimeout(this.timer);
    return this.inTurn(this.saveNow);
  };

  /** The page has this text now, whoever wrote it. */
  readonly seen = (hash: string | null): Promise<void> =>
    this.inTurn(async () => {
      if (hash === this.kept.hash) return;
      await this.takeIn();
      await this.saveNow();
    });

  private inTurn(act: () => Promise<void>): Promise<void> {
    this.turn = this.turn.then(act);
    return this.turn;
  }

  private readonly saveNow = async (): Promise<void> => {
    while (this.isDirty()) {
      const sent = this.text;
      const { page, stretch } = this;
      const result = await this.change({
        kind: "setText",
        page,
        text: sent,
        upon: this.kept.hash,
        stretch,
      });
      if (result.ok) {
        const { answer } = result;
        const rows = [...answer.difference.altered, ...answer.difference.placed];
        const row = rows.find(({ id }) => id === page);
        this.become(sent, {
          text: answer.texts.find((text) => text.page === page)?.text ?? sent,
          hash: row ? row.text : this.kept.hash,
        });
      } else if (!(await this.takeIn())) {
        this.saidUntilSaved = true;
        this.told.say(result.sentence);
        return;
      }
    }
    if (this.saidUntilSaved) this.told.say(null);
    this.saidUntilSaved = false;
  };

  /** Takes in what the page says now; whether that is something else than was known. */
  private async takeIn(): Promise<boolean> {
    const there = await api.text(this.page).catch(() => null);
    if (there === null || there.hash === this.kept.hash) return false;
    this.stretch = newId(); // what was typed before is an edit of its own
    this.become(this.kept.text, there);
    return true;
  }

  /** @param base what was typed upon; what is typed since stays */
  private become(base: string, now: Kept): void {
    this.kept = now;
    if (now.text === base) return;
    const { text, both } = merged(base, this.text, now.text);
    if (both) {
      this.saidUntilSaved = false;
      this.told.say(
        "Somebody else changed the same words. Both versions stand in the text, one after the other.",
      );
    }
    if (text === this.text) return;
    this.text = text;
    this.told.show(text);
  }
}
