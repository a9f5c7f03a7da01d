import { Segmented } from "antd";
import type { ReactNode } from "react";

/** The value that all have; undefined where they differ. */
export function common<T, V>(all: readonly T[], value: (each: T) => V): V | undefined {
  const [first, ...others] = all.map(value);
  return others.every((other) => other === first) ? first : undefined;
}

/** One option of one thing or of several; where those differ, none is chosen and it says so. */
export function CommonChoice<V extends string>(props: {
  readonly id: string;
  readonly label: string;
  readonly values: readonly V[];
  readonly options: readonly { readonly value: V; readonly label: string; readonly icon?: ReactNode }[];
  readonly onChoose: (value: V) => void;
}) {
  const value = common(props.values, (each) => each);
  return (
    <>
      <span id={props.id}>{props.label}</span>
      <span className="with-note">
        <Segmented<string>
          aria-labelledby={props.id}
          value={value ?? ""}
          onChange={(chosen) => props.onChoose(chosen as V)}
          options={[...props.options]}
        />
        {value === undefined && <span className="hint">mixed</span>}
      </span>
    </>
  );
}
