import { useQuery } from "@tanstack/react-query";
import { Select } from "antd";
import { useState } from "react";
import type { ItemIcon } from "./itemIcons";
import { matching } from "./matching";

/** Chooses one of the icons that items can show, by its name or another word for it, or by its drawing. */
export function IconChoice(props: {
  readonly id?: string;
  readonly label?: string;
  /** Its name; empty for none, undefined where several differ. */
  readonly value: string | undefined;
  readonly mayBeNone?: boolean;
  readonly disabled?: boolean;
  readonly onChoose: (icon: string) => void;
}) {
  const [typed, setTyped] = useState("");
  const [asked, setAsked] = useState(false);
  // The drawings are much to load for those who choose none.
  const icons = useQuery({
    enabled: asked || (props.value !== undefined && props.value !== ""),
    queryKey: ["the icons of items"],
    queryFn: async () => (await import("./itemIcons")).ICONS,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: Number.POSITIVE_INFINITY,
  });
  const all = icons.data ?? [];
  const found =
    typed.trim() === "" ? all : matching(all, ({ name, words }) => `${name} ${words}`, typed, all.length);
  const none = props.mayBeNone && typed === "" ? [{ value: "", label: "none" }] : [];
  const drawn = new Map(all.map((icon) => [icon.name, icon]));
  return (
    <Select
      {...(props.id === undefined ? {} : { id: props.id })}
      {...(props.label === undefined ? {} : { "aria-label": props.label })}
      className="icon-choice"
      disabled={props.disabled ?? false}
      value={props.value ?? "mixed"}
      showSearch={{ filterOption: false, onSearch: setTyped }}
      popupMatchSelectWidth={220}
      notFoundContent={
        icons.isError
          ? "The icons could not be got. Open the list again."
          : icons.isPending
            ? "Asking for the icons…"
            : "No icon is called so."
      }
      onOpenChange={(opens) => {
        setTyped("");
        if (opens) setAsked(true);
        if (opens && icons.isError) void icons.refetch();
      }}
      onChange={props.onChoose}
      options={[...none, ...found.map(({ name }) => ({ value: name, label: name }))]}
      optionRender={({ value, label }) => <Drawn icon={drawn.get(String(value))} name={String(label)} />}
      labelRender={({ value }) => <Drawn icon={drawn.get(String(value))} name={String(value) || "none"} />}
    />
  );
}

function Drawn({ icon, name }: { readonly icon: ItemIcon | undefined; readonly name: string }) {
  return (
    <span className="drawn">
      {icon && (
        <svg viewBox="0 0 24 24" aria-hidden="true">
          <path d={icon.drawing} />
        </svg>
      )}
      {name}
    </span>
  );
}
