import { type RefObject, useCallback, useEffect, useRef, useState } from "react";
import { api, windowPage } from "../api/client";
import { sentenceOf } from "../working-copy/store";

/** What the script in the window says; see visitor/window.ts. */
type Said =
  | { readonly velnik: "here"; readonly page: string | null }
  | { readonly velnik: "key"; readonly key: string };

type Frame = {
  readonly ref: RefObject<HTMLIFrameElement | null>;
  readonly source: string | null;
  readonly key: string;
  readonly problem: string | null;
};

/**
 * Keeps the window on the page asked for. The frame has no origin of its own and is spoken to by messages: the editor
 * fetches a page and the script inside merges it into what is shown, so that scroll and open submenus stay.
 */
export function useFrame(wanted: {
  readonly page: string;
  readonly address: string;
  readonly revision: number;
  readonly onVisit: (page: string) => void;
  readonly onKey: (key: string) => void;
}): Frame {
  const ref = useRef<HTMLIFrameElement>(null);
  const [base, setBase] = useState<string | null>(null);
  const [source, setSource] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  /** Whether the frame has said that it is there; before, nothing can be shown in it. */
  const [loaded, setLoaded] = useState(false);
  const latest = useRef(wanted);
  latest.current = wanted;
  const there = useRef(false);

  const open = useCallback(async () => {
    try {
      const { address } = await api.openWindow();
      there.current = false;
      setLoaded(false);
      setBase(address);
      setSource(address + latest.current.address);
      setProblem(null);
    } catch (failed) {
      setProblem(sentenceOf(failed));
    }
  }, []);

  useEffect(() => {
    void open();
  }, [open]);

  useEffect(() => {
    const listen = (event: MessageEvent<Said>) => {
      if (!ref.current || event.source !== ref.current.contentWindow) return;
      const said = event.data;
      if (said.velnik === "key") {
        latest.current.onKey(said.key);
      } else if (said.velnik === "here") {
        // The first time it is where the editor sent it; later, where a link in it led.
        if (there.current && said.page && said.page !== latest.current.page)
          latest.current.onVisit(said.page);
        there.current = true;
        setLoaded(true);
        ref.current.contentWindow?.postMessage({ velnik: "point", page: latest.current.page }, "*");
      }
    };
    window.addEventListener("message", listen);
    return () => window.removeEventListener("message", listen);
  }, []);

  const { page, address, revision } = wanted;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new revision is a new page at the same address
  useEffect(() => {
    if (!base || !loaded) return;
    let outdated = false;
    const show = async () => {
      try {
        const html = await windowPage(base + address);
        if (outdated) return;
        if (html === null) return void open();
        ref.current?.contentWindow?.postMessage({ velnik: "show", html, page }, "*");
        setProblem(null);
      } catch (failed) {
        if (!outdated) setProblem(sentenceOf(failed));
      }
    };
    void show();
    return () => {
      outdated = true;
    };
  }, [base, loaded, page, address, revision, open]);

  return { ref, source, key: base ?? "", problem };
}
