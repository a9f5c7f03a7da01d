import file from "../../../core/src/main/resources/velnik/core/site/Icons.properties?raw";

/** The icons that items can show, by the words they are found by; drawn by the visitor site. */
export const ICONS: readonly string[] = [...file.matchAll(/^(\w+)=/gm)].map(([, name]) => name ?? "").sort();
