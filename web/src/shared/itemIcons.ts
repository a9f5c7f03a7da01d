import file from "../../../core/src/main/resources/velnik/core/site/Icons.properties?raw";

export type ItemIcon = {
  readonly name: string;
  /** Others that it is found by. */
  readonly words: string;
  /** SVG path data on a field of 24 by 24. */
  readonly drawing: string;
};

/** The icons that items can show, as the visitor site draws them. */
export const ICONS: readonly ItemIcon[] = [...file.matchAll(/^(\w+)=([^|]*)\|(.+)$/gm)]
  .map(([, name = "", words = "", drawing = ""]) => ({ name, words, drawing }))
  .sort((one, other) => (one.name < other.name ? -1 : 1));
