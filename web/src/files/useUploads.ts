import { useState } from "react";
import { newId } from "../shared/ids";
import type { WorkingCopyStore } from "../working-copy/store";

/** A file that is on its way, or was not taken. */
export type Upload = {
  readonly id: string;
  readonly name: string;
  /** How much of it has gone out, from 0 to 1. */
  readonly part: number;
  /** Why it was not taken; null while it goes. */
  readonly problem: string | null;
};

export type Uploads = {
  readonly all: readonly Upload[];
  /** Sends files one after another; the ids of those that were taken. */
  readonly send: (files: readonly File[]) => Promise<readonly string[]>;
  readonly replace: (file: string, by: File) => Promise<boolean>;
  /** What was not taken is not shown any longer. */
  readonly dismiss: (id: string) => void;
};

/** Files on their way to the server. */
export function useUploads(store: WorkingCopyStore): Uploads {
  const [all, setAll] = useState<readonly Upload[]>([]);
  const become = (id: string, now: Partial<Upload>) =>
    setAll((before) => before.map((each) => (each.id === id ? { ...each, ...now } : each)));
  const dismiss = (id: string) => setAll((before) => before.filter((each) => each.id !== id));

  const sendOne = async (file: File, to: { readonly id: string; readonly replaces: boolean }) => {
    const id = newId();
    setAll((before) => [...before, { id, name: file.name, part: 0, problem: null }]);
    const result = await store.upload(to, file, (part) => become(id, { part }));
    if (result.ok) dismiss(id);
    else become(id, { problem: result.sentence });
    return result.ok;
  };
  return {
    all,
    dismiss,
    replace: (file, by) => sendOne(by, { id: file, replaces: true }),
    send: async (files) => {
      const taken: string[] = [];
      for (const file of files) {
        const id = newId();
        if (await sendOne(file, { id, replaces: false })) taken.push(id);
      }
      return taken;
    },
  };
}
