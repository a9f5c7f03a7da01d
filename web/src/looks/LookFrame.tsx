import { useEffect, useEffectEvent, useRef, useState } from "react";
import { AS_IT_IS, lookedAt } from "../window/addresses";
import { type Look, nameOf } from "./looks";

export type Worn = {
  /** The addresses of style sheets. */
  readonly stylesheets: readonly string[];
  /** Whether it is as on a device that asks for dark pages. */
  readonly dark: boolean;
};

/** The owner's own site in a look, laid out at the width of a screen and drawn smaller. */
export function LookFrame(props: {
  /** Where the preview's pages begin. */
  readonly base: string;
  readonly look: Look;
  readonly page: string;
  /** Pixels that the page is laid out at. */
  readonly width: number;
  readonly height: number;
  readonly scale: number;
  readonly screen: string;
  /** What it wears while something is tuned; its own when left out. */
  readonly wears?: Worn | undefined;
  /** Where it can be used like a site: somebody followed a link to this page. */
  readonly onVisit?: (page: string) => void;
}) {
  const { base, look, page, width, height, scale, wears, onVisit } = props;
  const ref = useRef<HTMLIFrameElement>(null);
  const here = useRef(page);
  const worn = useRef(`${base} ${look}`);
  const [source, setSource] = useState(() => addressOf(base, look, page));
  useEffect(() => {
    const wanted = `${base} ${look}`;
    // A page that was reached by a link in it is there already.
    if (worn.current === wanted && here.current === page) return;
    worn.current = wanted;
    here.current = page;
    setSource(addressOf(base, look, page));
  }, [base, look, page]);
  const wear = useEffectEvent(() => {
    if (wears) ref.current?.contentWindow?.postMessage({ velnik: "wear", ...wears }, "*");
  });
  const asked = wears && `${wears.dark} ${wears.stylesheets.join(" ")}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what it wears is the same while its addresses are
  useEffect(() => wear(), [asked]);
  const hear = useEffectEvent((event: MessageEvent<{ velnik?: string; page?: string | null }>) => {
    if (event.source !== ref.current?.contentWindow || event.data.velnik !== "here") return;
    wear();
    if (!event.data.page || event.data.page === here.current) return;
    here.current = event.data.page;
    onVisit?.(event.data.page);
  });
  useEffect(() => {
    window.addEventListener("message", hear);
    return () => window.removeEventListener("message", hear);
  }, []);
  return (
    <div className="look-frame" style={{ width: width * scale, height: height * scale }}>
      <iframe
        ref={ref}
        title={`${nameOf(look)} on a ${props.screen} screen`}
        src={source}
        sandbox="allow-scripts allow-forms"
        // What cannot be used is a picture, and no stop for the keyboard.
        inert={!onVisit}
        style={{ width, height, transform: `scale(${scale})` }}
      />
    </div>
  );
}

function addressOf(base: string, look: Look, page: string): string {
  return lookedAt(base, new URLSearchParams({ page }), { ...AS_IT_IS, look }, "");
}
