import { type RefObject, useCallback, useEffect, useEffectEvent, useRef, useState } from "react";
import { api, windowPage } from "../api/client";
import { sentenceOf } from "../shared/sentenceOf";
import { type As, addressIn, lookedAt } from "./addresses";
import type { Across } from "./widths";

/** A menu, an item of it, a page it shows; what is null does not matter. */
export type Pointed = {
  readonly menu: string | null;
  readonly item: string | null;
  readonly page: string | null;
};

/** What the script in the window says; see visitor/window.ts. */
type Said =
  | { readonly velnik: "here"; readonly page: string | null; readonly path: string }
  | { readonly velnik: "key"; readonly key: string }
  | { readonly velnik: "over" | "chosen"; readonly pointed: Pointed | null }
  /** Where on the page is what is selected now, with what opens beneath it. */
  | ({ readonly velnik: "at" } & Across)
  | { readonly velnik: "asked"; readonly words: string }
  | { readonly velnik: "signed"; readonly in: boolean }
  | { readonly velnik: "outside"; readonly address: string };

type Frame = {
  readonly ref: RefObject<HTMLIFrameElement | null>;
  readonly source: string | null;
  readonly key: string;
  readonly problem: string | null;
  /** The menu and item under the pointer. */
  readonly over: Pointed | null;
  /** Where a link led that leaves the site. */
  readonly outside: string | null;
};

type Wanted = {
  readonly page: string;
  readonly address: string;
  readonly moment: string;
  readonly as: As;
  readonly pointed: Pointed;
  readonly choosing: boolean;
  readonly onVisit: (page: string) => void;
  /** Somebody searches in the window; says which page answers. */
  readonly onSearch: () => string | null;
  /** Somebody signs in or out in the window. */
  readonly onSigned: (member: boolean) => void;
  readonly onChoose: (pointed: Pointed) => void;
  readonly onKey: (key: string) => void;
  /** Where what is selected now is, with what opens beneath it. */
  readonly onAt: (at: Across) => void;
};

/** Milliseconds that a page has to stay the one asked for: keys run through many. An edit of the page there shows at once. */
const REST = 120;

/**
 * Keeps the window on the page asked for. The frame has no origin of its own and is spoken to by messages: the editor
 * fetches a page and the script inside merges it into what is shown, so that scroll and open submenus stay.
 */
export function useFrame(wanted: Wanted): Frame {
  const ref = useRef<HTMLIFrameElement>(null);
  const [base, setBase] = useState<string | null>(null);
  const [source, setSource] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [over, setOver] = useState<Pointed | null>(null);
  const [asked, setAsked] = useState<{ readonly page: string; readonly words: string } | null>(null);
  /** Where a link in it led that is no page of the tree, such as the listing of a topic; until another page is asked for. */
  const [beside, setBeside] = useState<{ readonly page: string; readonly path: string } | null>(null);
  const [outside, setOutside] = useState<string | null>(null);
  /** How often the frame has said that it is there; before the first time, nothing can be shown in it. */
  const [loads, setLoads] = useState(0);
  const latest = useRef(wanted);
  useEffect(() => {
    latest.current = wanted;
  });
  const there = useRef(false);
  /** The page that was shown last. */
  const shown = useRef<string | null>(null);

  const tell: Tell = useCallback((message) => {
    ref.current?.contentWindow?.postMessage(message, "*");
  }, []);

  const open = useCallback(async () => {
    try {
      const { address } = await api.openWindow();
      there.current = false;
      setLoads(0);
      setBase(address);
      setSource(addressIn(address, latest.current.address, latest.current.page, latest.current.as, ""));
      setProblem(null);
    } catch (failed) {
      setProblem(sentenceOf(failed));
    }
  }, []);

  useEffect(() => {
    void open();
  }, [open]);

  useMessages(ref, (said: Said) => {
    switch (said.velnik) {
      case "key":
        return wanted.onKey(said.key);
      case "at":
        return wanted.onAt(said);
      case "over":
        setOver(said.pointed);
        return setOutside(null);
      case "chosen":
        return said.pointed && wanted.onChoose(said.pointed);
      case "asked": {
        const search = wanted.onSearch();
        if (search === null) return;
        setAsked({ page: search, words: said.words });
        return search !== wanted.page && wanted.onVisit(search);
      }
      case "signed":
        return wanted.onSigned(said.in);
      case "outside":
        return setOutside(said.address);
      case "here":
        // The first time it is where the editor sent it; later, where a link in it led.
        if (there.current && said.page && said.page !== wanted.page) wanted.onVisit(said.page);
        setBeside(there.current && said.page === null ? { page: wanted.page, path: said.path } : null);
        there.current = true;
        setLoads((before) => before + 1);
    }
  });

  const { page, address, moment } = wanted;
  const { day, member, look, unopened, live } = wanted.as;
  const words = asked?.page === page ? asked.words : "";
  const besidePath = beside?.page === page ? beside.path : null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: another moment is another page at the same address
  useEffect(() => {
    if (!base || loads === 0) return;
    const outdated = new AbortController();
    const show = async () => {
      try {
        const as = { day, member, look, unopened, live };
        const html = await windowPage(
          besidePath === null
            ? addressIn(base, address, page, as, words)
            : lookedAt(besidePath, new URLSearchParams(), as, ""),
          outdated.signal,
        );
        if (outdated.signal.aborted) return;
        if (html === null) return void open();
        shown.current = page;
        tell({ velnik: "show", html, pointed: latest.current.pointed });
        setProblem(null);
      } catch (failed) {
        if (!outdated.signal.aborted) setProblem(sentenceOf(failed));
      }
    };
    const another = shown.current !== null && shown.current !== page;
    const waiting = another ? setTimeout(show, REST) : undefined;
    if (!another) void show();
    return () => {
      outdated.abort();
      clearTimeout(waiting);
    };
  }, [base, loads, page, address, moment, day, member, look, unopened, live, words, besidePath, open, tell]);

  usePointing(tell, loads, wanted);
  return { ref, source, key: base ?? "", problem, over, outside };
}

type Tell = (message: Readonly<Record<string, unknown>>) => void;

/** Tells the script in the frame what is selected, and whether a click chooses. */
function usePointing(tell: Tell, loads: number, { pointed, choosing }: Wanted): void {
  // biome-ignore lint/correctness/useExhaustiveDependencies: a frame that loads anew has to be told again
  useEffect(() => {
    tell({ velnik: "point", pointed: { menu: pointed.menu, item: pointed.item, page: pointed.page } });
  }, [tell, loads, pointed.menu, pointed.item, pointed.page]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: a frame that loads anew has to be told again
  useEffect(() => {
    tell({ velnik: "choose", on: choosing });
  }, [tell, loads, choosing]);
}

/** Hears what the script in the frame says, and nobody else. */
function useMessages(ref: RefObject<HTMLIFrameElement | null>, hear: (said: Said) => void): void {
  const latest = useEffectEvent(hear);
  useEffect(() => {
    const listen = (event: MessageEvent<Said>) => {
      if (ref.current && event.source === ref.current.contentWindow) latest(event.data);
    };
    window.addEventListener("message", listen);
    return () => window.removeEventListener("message", listen);
  }, [ref]);
}
