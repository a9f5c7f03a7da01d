import { useSyncExternalStore } from "react";
import {
  type AnswerDto,
  api,
  type ChangeDto,
  type GivenFile,
  type ImportChoice,
  type PlaceDto,
  Refused,
  type RemedyDto,
  type RowPlace,
  Unreachable,
  type WorkingCopyDto,
} from "../api/client";
import type { OnSent } from "../api/sending";
import { newId } from "../shared/ids";
import { sentenceOf } from "../shared/sentenceOf";
import { type About, type Offer, read, settled, type WorkingCopy } from "./copy";
import { remedied, remedyWords } from "./remedies";
import { applied, movedTo, type PageTree, stands } from "./tree";

export type { WorkingCopy } from "./copy";

/** What the line at the top says about keeping. */
export type Keeping =
  | { readonly status: "kept" }
  | { readonly status: "sending" }
  /** No answer comes; what was asked is sent again until there is one. */
  | { readonly status: "lost"; readonly waiting: number; readonly why: string | null };

export type WorkingCopyState = { readonly copy: WorkingCopy; readonly keeping: Keeping };

/** What became of an edit, for whoever asked for it. */
export type Result =
  | { readonly ok: true; readonly answer: AnswerDto }
  | {
      readonly ok: false;
      readonly sentence: string;
      /** Of an undo that later edits were built upon: their titles, as far as taking them back too would do. */
      readonly later?: readonly string[] | null;
    };

type Ask = (request: string, revision: number) => Promise<AnswerDto>;

/** Milliseconds until a call that got no answer is sent again. */
const AGAIN = 2_000;

/** The editor's copy of the working copy. Edits go out one at a time, in order; the answers are put into the tree. */
export class WorkingCopyStore {
  private state: WorkingCopyState;
  private readonly listeners = new Set<() => void>();
  private queue: Promise<unknown> = Promise.resolve();
  private queued = 0;
  /** Why edits are not answered; undefined while they are, null where the server does not answer at all. */
  private lost: string | null | undefined;
  /** The tree as it was last answered, while pages that move are shown ahead of the answer. */
  private ahead: { readonly answered: PageTree; readonly pages: readonly string[] } | null = null;
  /** When something last opened or closed, as the server said; null before it said anything. */
  private turned: string | null = null;

  constructor(copy: WorkingCopyDto) {
    const untold = {
      turns: 0,
      told: [],
      elsewhere: false,
      about: null,
      offer: null,
      touched: new Set<string>(),
    };
    this.state = { copy: { ...read(copy), ...untold }, keeping: { status: "kept" } };
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly current = (): WorkingCopyState => this.state;

  private become(state: WorkingCopyState): void {
    this.state = state;
    for (const listener of this.listeners) listener();
  }

  /** What is kept of it stays the very same value, so that screens are drawn anew by edits only. */
  private keep(keeping: Keeping): void {
    this.become({ ...this.state, keeping });
  }

  /** Asks for all of it again. Without an answer what is there stays; the next word from the server tries again. */
  private async reload(): Promise<void> {
    const copy = await api.workingCopy().catch(() => null);
    if (!copy) return;
    this.ahead = null;
    this.become({ copy: { ...this.state.copy, ...read(copy) }, keeping: this.keeping() });
  }

  /** The working copy once every edit asked for so far has its answer; what the next gesture has to go by. */
  readonly settled = async (): Promise<WorkingCopy> => {
    while (this.queued > 0) await this.queue;
    return this.state.copy;
  };

  readonly change = (...changes: readonly ChangeDto[]): Promise<Result> =>
    this.send((request, revision) => api.change(request, revision, changes));

  /**
   * Moves pages. Unless other edits go out first they are shown at their place at once, and back where they were should
   * it be refused: whoever holds a key down sees each step as it is made.
   */
  readonly movePages = (pages: readonly string[], place: PlaceDto): Promise<Result> => {
    if (this.queued === 0) this.showAhead(pages, place);
    return this.change({ kind: "movePages", pages: [...pages], place });
  };

  readonly paste = (text: string, place: PlaceDto | null): Promise<Result> =>
    this.send((request, revision) => api.importOutline(request, revision, text, place));

  /** @param abandoned ends it; as long as not all of it has gone out, nothing becomes of it */
  readonly readFiles = (
    files: readonly GivenFile[],
    choices: ImportChoice,
    onSent: OnSent,
    abandoned: AbortSignal,
  ): Promise<Result> =>
    this.send((request, revision) => api.readFiles(request, revision, files, choices, onSent, abandoned));

  readonly pasteItems = (text: string, place: RowPlace): Promise<Result> =>
    this.send((request, revision) => api.importItems(request, revision, text, place));

  /**
   * Adds a file, or puts it in the place of what one held. Other edits do not wait for it meanwhile; without an answer it
   * is not sent again by itself.
   */
  readonly upload = async (
    to: { readonly id: string; readonly replaces: boolean },
    file: File,
    onSent: OnSent,
  ): Promise<Result> => {
    try {
      const give = to.replaces ? api.replaceFile : api.addFile;
      const answer = await give(newId(), this.state.copy.revision, to.id, file, onSent);
      const turn = this.queue.then(async () => {
        const { revision } = this.state.copy;
        if (answer.revision > revision + 1) await this.catchUp(answer.revision);
        this.take(answer, revision, "undo");
      });
      this.queue = turn;
      await turn;
      return { ok: true, answer };
    } catch (problem) {
      return { ok: false, sentence: sentenceOf(problem) };
    }
  };

  /** Makes the pages, menus and form of a starting structure. */
  readonly beginWith = (structure: string): Promise<Result> =>
    this.send((request, revision) => api.beginWith(request, revision, structure));

  /** Makes the working copy as it was when it was published. */
  readonly bringBack = (release: number): Promise<Result> =>
    this.send((request, revision) => api.bringBack(request, revision, release));

  /** Takes back so many of the person's latest edits, one after another until one cannot be. */
  readonly undo = async (edits = 1): Promise<Result> => {
    const result = await this.send((request) => api.undo(request, "ALONE"), "redo");
    return result.ok && edits > 1 ? this.undo(edits - 1) : result;
  };

  /** Takes back the latest edit with all that was built upon it, or leaves it and goes on with the one before. */
  readonly undoBuiltUpon = (how: "TOGETHER" | "SKIP"): Promise<Result> =>
    this.send((request) => api.undo(request, how), "redo");

  readonly redo = (): Promise<Result> => this.send((request) => api.redo(request));

  /** Makes everything public as it is now. In its turn, so that word of it from the server finds it told already. */
  readonly publish = (note: string): Promise<{ ok: boolean; sentence: string }> => {
    const turn = this.queue.then(() => this.publishNow(note));
    this.queue = turn;
    return turn;
  };

  /** How the site stands; what happened elsewhere until then is asked for in its turn. */
  readonly heard = (revision: number, release: number, turned: string): Promise<void> => {
    const turn = this.queue.then(async () => {
      await this.catchUp(revision);
      await this.seeRelease(release);
      this.seeTurn(turned);
    });
    this.queue = turn;
    return turn;
  };

  /** Offers another way to do what was just told, until something else is told. */
  readonly offer = (offer: Offer): void =>
    this.become({ ...this.state, copy: { ...this.state.copy, offer } });

  /** Whether the server can be heard at all. What was asked and not answered finds that out by itself. */
  readonly seeConnection = (connected: boolean): void => {
    if (this.queued > 0 || connected === (this.lost === undefined)) return;
    this.lost = connected ? undefined : null;
    this.keep(this.keeping());
  };

  /** Asks what happened elsewhere, though nobody said that anything did. */
  readonly lookAround = (): void => {
    this.queue = this.queue.then(() => this.catchUp(Number.POSITIVE_INFINITY));
  };

  private async publishNow(note: string): Promise<{ ok: boolean; sentence: string }> {
    try {
      const release = await api.publish(newId(), this.state.copy.revision, note);
      await this.reload();
      const sentence = `Release ${release.number} is what visitors see now.`;
      this.tell(sentence, false);
      const before = release.number - 1;
      if (before > 0)
        this.offer({
          words: `Bring release ${before} back`,
          act: () => void this.bringBack(before),
        });
      return { ok: true, sentence };
    } catch (problem) {
      return { ok: false, sentence: sentenceOf(problem) };
    }
  }

  private async seeRelease(release: number): Promise<void> {
    if (this.state.copy.release >= release) return;
    await this.reload();
    this.tell(`Release ${release} is what visitors see now.`, true);
  }

  private seeTurn(turned: string): void {
    const { copy } = this.state;
    if (this.turned !== null && this.turned !== turned)
      this.become({ ...this.state, copy: { ...copy, turns: copy.turns + 1 } });
    this.turned = turned;
  }

  private tell(sentence: string, elsewhere: boolean): void {
    this.become({
      ...this.state,
      copy: { ...this.state.copy, told: [sentence], elsewhere, about: null, offer: null },
    });
  }

  private async catchUp(revision: number): Promise<void> {
    if (this.state.copy.revision >= revision) return;
    try {
      const { copy } = this.state;
      const edits = await api.edits(copy.revision);
      this.become({
        copy: {
          ...copy,
          revision: edits.revision,
          tree: applied(this.takeAnswered(), edits.difference),
          ...settled(copy, edits.difference),
          history: edits.history,
          waiting: edits.waiting,
          told: edits.told,
          elsewhere: true,
          about: null,
          offer: null,
          touched: new Set(),
        },
        keeping: this.keeping(),
      });
    } catch (problem) {
      if (problem instanceof Refused) await this.reload();
      // Without an answer the next word from the server says it again.
    }
  }

  private showAhead(pages: readonly string[], place: PlaceDto): void {
    const { copy } = this.state;
    this.ahead = { answered: copy.tree, pages };
    this.state = { ...this.state, copy: { ...copy, tree: movedTo(copy.tree, pages, place) } }; // told with what is sent
  }

  /** What the next answer goes by; nothing is shown ahead of one from here on. */
  private takeAnswered(): PageTree {
    const tree = this.ahead?.answered ?? this.state.copy.tree;
    this.ahead = null;
    return tree;
  }

  private showAnswered(): void {
    if (this.ahead === null) return;
    this.state = { ...this.state, copy: { ...this.state.copy, tree: this.takeAnswered() } };
  }

  private send(ask: Ask, about: About = "undo"): Promise<Result> {
    this.queued++;
    const turn = this.queue.then(() => this.sendNow(ask, about)); // goes out before anything is drawn
    this.queue = turn;
    this.keep(this.keeping());
    return turn;
  }

  /** The same request name goes out each time, so an edit that arrived unseen is not made twice. */
  private async sendNow(ask: Ask, about: About): Promise<Result> {
    const request = newId();
    for (;;) {
      const { revision } = this.state.copy;
      try {
        const answer = await ask(request, revision);
        this.lost = undefined;
        if (answer.revision > revision + 1) await this.catchUp(answer.revision);
        this.queued--;
        this.take(answer, revision, about);
        return { ok: true, answer };
      } catch (problem) {
        const unsure = problem instanceof Refused && problem.type === "disk-unsure";
        if (unsure || problem instanceof Unreachable) {
          this.lost = unsure ? problem.message : null;
          this.keep(this.keeping());
          await new Promise((resume) => setTimeout(resume, AGAIN));
          continue;
        }
        this.lost = undefined;
        this.queued--;
        this.showAnswered();
        if (problem instanceof Refused && (problem.status === 409 || problem.status === 404))
          await this.reload();
        this.keep(this.keeping());
        return {
          ok: false,
          sentence: sentenceOf(problem),
          later: problem instanceof Refused ? problem.later : null,
        };
      }
    }
  }

  private remedyOf(tree: PageTree, remedy: RemedyDto): Offer {
    return {
      words: remedyWords(tree, remedy),
      act: () => void this.change(...remedied(this.state.copy.tree, remedy)),
    };
  }

  private keeping(): Keeping {
    if (this.lost !== undefined) return { status: "lost", waiting: this.queued, why: this.lost };
    return this.queued > 0 ? { status: "sending" } : { status: "kept" };
  }

  /** @param since the revision it was asked at; where others were faster, the tree has caught up with all of it */
  private take(answer: AnswerDto, since: number, about: About): void {
    const { copy } = this.state;
    const behind = copy.revision === since && answer.revision > since + 1;
    const { difference } = answer;
    const asShown = this.ahead?.pages.length === difference.placed.length && stands(copy.tree, difference);
    const before = this.takeAnswered();
    const edited = () => (copy.revision === since ? applied(before, difference) : before);
    const tree = asShown ? copy.tree : edited(); // the very same is not drawn anew
    const [remedy] = answer.remedies;
    this.become({
      copy: {
        ...copy,
        revision: behind ? since : Math.max(copy.revision, answer.revision),
        tree,
        ...settled(copy, difference),
        history: answer.history,
        waiting: answer.waiting,
        told: answer.told,
        elsewhere: false,
        about,
        offer: remedy ? this.remedyOf(tree, remedy) : null,
        touched: new Set([...difference.placed, ...difference.altered].map((page) => page.id)),
      },
      keeping: this.keeping(),
    });
  }
}

export function useWorkingCopyState(store: WorkingCopyStore): WorkingCopyState {
  return useSyncExternalStore(store.subscribe, store.current);
}
