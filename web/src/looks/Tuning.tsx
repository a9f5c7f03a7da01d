import { Button, Segmented } from "antd";
import { useState } from "react";
import { api, type TokenDto } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { Answered, ifKnown, useAnswer, useLasting } from "../shared/answer";
import { Problem } from "../shared/Problem";
import { useSize } from "../window/useSize";
import { WidthChoice } from "../window/WidthChoice";
import { WIDTHS, type Width } from "../window/widths";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { LookFrame } from "./LookFrame";
import { nameOf } from "./looks";
import { TokenField } from "./TokenField";

/** What is moved or typed and not kept yet. */
type Tried = { readonly token: TokenDto["token"]; readonly value: string };

/** What the owner makes otherwise than the look has it, with a page of the site beside it that shows it at once. */
export function Tuning(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly page: string;
  readonly onPage: (page: string) => void;
  /** Changes when previews have to be opened anew. */
  readonly turn: number;
}) {
  const { copy, store } = props;
  const { look, tuning } = copy.settings;
  const mayEdit = useMayEdit();
  const [tried, setTried] = useState<Tried | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const preview = useAnswer(["tuning"], props.turn, () => api.openWindow());
  const tuned = useLasting(
    useAnswer(["tuned"], `${copy.revision} ${tried?.token} ${tried?.value}`, (signal) =>
      api.tuned(tried, signal),
    ),
  );
  const keep = async (...values: readonly Tried[]) => {
    const result = await store.change(...values.map((value) => ({ kind: "setToken" as const, ...value })));
    setProblem(result.ok ? null : result.sentence);
    setTried((now) =>
      values.some(({ token, value }) => token === now?.token && value === now.value) ? null : now,
    );
    return result.ok;
  };
  const own = (Object.keys(tuning) as Tried["token"][]).map((token) => ({ token, value: "" }));
  return (
    <div className="tuning">
      <fieldset disabled={!mayEdit}>
        <p className="tuning-of">
          Over the look {nameOf(look)}. It stays when you take another.
          {own.length > 0 && mayEdit && (
            <Button size="small" onClick={() => void keep(...own)}>
              Reset all
            </Button>
          )}
        </p>
        <Problem sentence={problem} />
        <Answered answer={tuned} what="what can be tuned">
          {({ tokens, types, weak }) =>
            tokens.map((about) => (
              <TokenField
                key={about.token}
                {...{ about, types }}
                value={(tried?.token === about.token ? tried.value : tuning[about.token]) ?? ""}
                tuned={about.token in tuning}
                weak={weak.find(({ token }) => token === about.token)}
                onTry={(value) => setTried(value === null ? null : { token: about.token, value })}
                onKeep={(value) => keep({ token: about.token, value })}
              />
            ))
          }
        </Answered>
      </fieldset>
      <Answered answer={preview} what="your pages">
        {({ address }) => <Shown {...props} base={address} stylesheets={ifKnown(tuned)?.stylesheets} />}
      </Answered>
    </div>
  );
}

/** A page of the site in it, at a width and in the light or the dark. */
function Shown(props: {
  readonly copy: WorkingCopy;
  readonly base: string;
  readonly page: string;
  readonly onPage: (page: string) => void;
  readonly stylesheets: readonly string[] | undefined;
}) {
  const [width, setWidth] = useState<Width>("wide");
  const [dark, setDark] = useState(false);
  const [ref, size] = useSize();
  const scale = Math.min(1, size.width / WIDTHS[width]);
  const { look } = props.copy.settings;
  const { stylesheets } = props;
  return (
    <div className="tuning-shown">
      <div className="tuning-as">
        <WidthChoice width={width} onWidth={setWidth} />
        <Segmented<boolean>
          value={dark}
          onChange={setDark}
          aria-label="What the visitor’s device asks for"
          options={[
            { value: false, label: "Light" },
            { value: true, label: "Dark" },
          ]}
        />
      </div>
      <div className="look-frames tall" ref={ref}>
        <LookFrame
          {...props}
          look={look}
          width={WIDTHS[width]}
          height={size.height / scale}
          scale={scale}
          screen={width}
          wears={stylesheets && { stylesheets, dark }}
          onVisit={props.onPage}
        />
      </div>
    </div>
  );
}
