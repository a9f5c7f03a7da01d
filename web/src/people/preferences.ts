import { createContext, useContext, useState } from "react";
import { api } from "../api/client";

/** Milliseconds that a setting has to rest before it is sent. */
const REST = 600;

/** What the signed-in person has arranged for themselves: what is folded, which columns show. */
export class Preferences {
  private settings = new Map<string, string>();
  private readonly sending = new Map<string, ReturnType<typeof setTimeout>>();

  /** Without an answer everything is as it is for somebody new; that is no reason to keep them waiting. */
  readonly load = async (): Promise<void> => {
    try {
      this.settings = new Map(Object.entries((await api.preferences()).settings));
    } catch {
      this.settings = new Map();
    }
  };

  read<T>(name: string, otherwise: T): T {
    try {
      const setting = this.settings.get(name);
      return setting === undefined ? otherwise : JSON.parse(setting);
    } catch {
      return otherwise;
    }
  }

  keep(name: string, value: unknown): void {
    const setting = JSON.stringify(value);
    if (this.settings.get(name) === setting) return;
    this.settings.set(name, setting);
    clearTimeout(this.sending.get(name));
    // A setting that does not arrive is set again by the next click; nobody is troubled with it.
    const send = () => void api.keepPreference(name, setting).catch(() => {});
    this.sending.set(name, setTimeout(send, REST));
  }
}

export const PreferencesContext = createContext(new Preferences());

/** A setting of the person's own, remembered wherever they sign in. It changes from what it is when its turn comes. */
export function usePreference<T>(name: string, otherwise: T): readonly [T, (change: (now: T) => T) => void] {
  const preferences = useContext(PreferencesContext);
  const [value, setValue] = useState(() => preferences.read(name, otherwise));
  return [
    value,
    (change) => {
      preferences.keep(name, change(preferences.read(name, otherwise)));
      setValue(preferences.read(name, otherwise));
    },
  ];
}
