import { eventsAddress } from "../api/client";
import type { WorkingCopyStore } from "./store";

/** Milliseconds until listening is tried again after the server would not have it. */
const AGAIN = 5_000;
/** Milliseconds that a stream may be broken before it counts as no connection; a server that starts anew takes as long. */
const PATIENCE = 3_000;

/**
 * Listens for edits made elsewhere and lets the store catch up with them, until told to stop. Only while somebody can
 * see the page: a browser keeps few connections to one host, and a page that comes back to sight hears at once how
 * things stand.
 */
export function listen(store: WorkingCopyStore): () => void {
  let stream: EventSource | null = null;
  let later: ReturnType<typeof setTimeout> | undefined;
  let broken: ReturnType<typeof setTimeout> | undefined;
  const mended = () => {
    clearTimeout(broken);
    broken = undefined;
  };
  const stop = () => {
    clearTimeout(later);
    mended();
    stream?.close();
    stream = null;
  };
  const start = () => {
    stop();
    if (document.hidden) return;
    stream = new EventSource(eventsAddress);
    stream.onmessage = (event) => {
      const { revision, release, turned } = JSON.parse(event.data) as {
        revision: number;
        release: number;
        turned: string;
      };
      void store.heard(revision, release, turned);
    };
    stream.onopen = () => {
      mended();
      store.seeConnection(true);
    };
    stream.onerror = () => {
      // A lost connection is sought again by the browser; a refusal is not.
      if (stream?.readyState !== EventSource.CLOSED) {
        broken ??= setTimeout(() => store.seeConnection(false), PATIENCE);
        return;
      }
      store.lookAround(); // a session that is over is asked for by whatever call comes next
      later = setTimeout(start, AGAIN);
    };
  };
  document.addEventListener("visibilitychange", start);
  start();
  return () => {
    document.removeEventListener("visibilitychange", start);
    stop();
  };
}
