import type { DifferenceDto, HistoryDto, SettingsDto, WorkingCopyDto } from "../api/client";
import { type PageTree, treeOf } from "./tree";

/** The working copy as the editor holds it. Never changed in place. */
export type WorkingCopy = {
  readonly revision: number;
  /** How often something opened or closed by itself; what is computed of the same revision is another since. */
  readonly turns: number;
  readonly siteName: string;
  /** What holds for the whole site. */
  readonly settings: SettingsDto;
  readonly tree: PageTree;
  /** Pages that visitors know today. */
  readonly published: ReadonlySet<string>;
  readonly history: HistoryDto;
  /** The number of the release that visitors see; 0 before the first. */
  readonly release: number;
  /** How many changes wait to be published. */
  readonly waiting: number;
  /** What the last edit did; sentences. */
  readonly told: readonly string[];
  /** Whether that was an edit of somebody else, or of the person in another window. */
  readonly elsewhere: boolean;
  /** What can be done about it at once: an edit can be undone, a step back be made again. */
  readonly about: About;
  /** Another way to do what was told, offered beside it. */
  readonly offer: Offer | null;
  /** The pages it touched; their rows say that they are kept. */
  readonly touched: ReadonlySet<string>;
};

export type About = "undo" | "redo" | null;

export type Offer = { readonly words: string; readonly act: () => void };

/** The settings after an edit: the very ones before, where it left them alone, so that what shows them is not drawn anew. */
export function settled(copy: WorkingCopy, { settings }: DifferenceDto) {
  const now = settings ?? copy.settings;
  return { siteName: now.business.name, settings: now };
}

/** What an answer with all of it holds. */
export function read(copy: WorkingCopyDto) {
  return {
    revision: copy.revision,
    siteName: copy.settings.business.name,
    settings: copy.settings,
    tree: treeOf(copy.pages, copy.home),
    published: new Set(copy.publicPages),
    history: copy.history,
    release: copy.release,
    waiting: copy.waiting,
  };
}
