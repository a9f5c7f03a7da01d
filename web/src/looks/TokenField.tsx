import { Button, Select, Slider, Switch } from "antd";
import { useEffect, useEffectEvent, useRef } from "react";
import type { TokenDto, TunedDto } from "../api/client";
import { capital } from "../shared/capital";
import { KeptField } from "../shared/KeptField";

type Field = {
  readonly about: TokenDto;
  readonly types: TunedDto["types"];
  /** As it is shown just now; empty for the look's own. */
  readonly value: string;
  /** Whether it is otherwise than the look has it. */
  readonly tuned: boolean;
  readonly weak: TunedDto["weak"][number] | undefined;
  /** Told while it is moved; null when that is given up. */
  readonly onTry: (value: string | null) => void;
  readonly onKeep: (value: string) => Promise<boolean>;
};

/** One value of the look: what it is, the way to set it, and the way back to the look's own. */
export function TokenField(props: Field) {
  const { about, tuned, weak, onKeep } = props;
  const id = `token-${about.token}`;
  return (
    <div className="token">
      <label id={`${id}-name`} htmlFor={id}>
        {capital(about.name)}
      </label>
      <Setting {...props} id={id} />
      {tuned ? (
        <Button
          type="text"
          size="small"
          aria-label={`Reset the ${about.name}`}
          onClick={() => void onKeep("")}
        >
          Reset
        </Button>
      ) : (
        <span className="hint">the look’s own</span>
      )}
      {weak && (
        <p className="problem" role="alert">
          {weak.sentence}{" "}
          <Button size="small" onClick={() => void onKeep(weak.nearest)}>
            Use {weak.nearest}
          </Button>
        </p>
      )}
    </div>
  );
}

function Setting(props: Field & { readonly id: string }) {
  const { about, id, onKeep } = props;
  const value = props.value === "" ? (about.own ?? "") : props.value;
  switch (about.kind) {
    case "COLOUR":
      return <ColourSetting {...props} value={value} />;
    case "PERCENT":
    case "PIXELS":
      return <NumberSetting {...props} value={value} />;
    case "TYPE":
      return (
        <Select
          id={id}
          value={value}
          options={[
            { value: "", label: "The look’s own" },
            ...props.types.map(({ type, name }) => ({ value: type, label: capital(name) })),
          ]}
          onChange={(type) => void onKeep(type)}
        />
      );
    case "PLACE":
      return (
        <Select
          id={id}
          value={value}
          options={[
            { value: "", label: "Top of the page" },
            { value: "KEPT", label: "Always in sight" },
          ]}
          onChange={(place) => void onKeep(place)}
        />
      );
    case "SHOWN":
      return (
        <Switch id={id} checked={value === ""} onChange={(shown) => void onKeep(shown ? "" : "HIDDEN")} />
      );
  }
}

/** Milliseconds a slider rests before where it stands is kept: a few presses of a key are one edit. */
const REST = 500;

function NumberSetting({ about, id, value, onTry, onKeep }: Field & { readonly id: string }) {
  const unit = about.kind === "PERCENT" ? "%" : "px";
  const resting = useRef<{ readonly timer: number; readonly value: string }>(undefined);
  const take = () => {
    window.clearTimeout(resting.current?.timer);
    const taken = resting.current?.value;
    resting.current = undefined;
    return taken;
  };
  const keep = () => {
    const rested = take();
    if (rested !== undefined) void onKeep(rested);
  };
  return (
    <div className="token-number">
      <Slider
        min={about.least}
        max={about.most}
        step={about.kind === "PERCENT" ? 5 : 1}
        value={Number(value)}
        ariaLabelledByForHandle={`${id}-name`}
        ariaValueTextFormatterForHandle={(number) => `${number} ${unit}`}
        tooltip={{ open: false }}
        onChange={(next) => {
          take();
          onTry(String(next));
        }}
        onChangeComplete={(next) => {
          take();
          resting.current = { timer: window.setTimeout(keep, REST), value: String(next) };
        }}
        onBlur={keep}
      />
      <span>
        {value} {unit}
      </span>
    </div>
  );
}

/** A swatch that opens the browser's own choice of colours, and the value to read and type. */
function ColourSetting(props: Field & { readonly id: string }) {
  const { id, value, onTry, onKeep } = props;
  const swatch = useRef<HTMLInputElement>(null);
  // The browser tells of the end of a choice by an event that React takes for each of its steps.
  const chosen = useEffectEvent(() => swatch.current && void onKeep(swatch.current.value));
  useEffect(() => {
    const input = swatch.current;
    const end = () => chosen();
    input?.addEventListener("change", end);
    return () => input?.removeEventListener("change", end);
  }, []);
  return (
    <div className="token-colour">
      <input
        type="color"
        ref={swatch}
        aria-labelledby={`${id}-name`}
        value={value}
        onInput={(event) => onTry(event.currentTarget.value)}
        onChange={() => {}}
      />
      <KeptField id={id} value={value} onKeep={onKeep} />
    </div>
  );
}
