import type { SettingsDto } from "../api/client";

export type Look = SettingsDto["look"];

/** The looks by their names, and what tells them apart at first sight. */
export const LOOKS: readonly { readonly look: Look; readonly name: string; readonly says: string }[] = [
  { look: "STAITHE", name: "Staithe", says: "A bar across the top. Menus drop from it." },
  { look: "WEIR", name: "Weir", says: "Two rows: the sections, and what is in the one you visit." },
  { look: "TOWPATH", name: "Towpath", says: "Menus at the side, unfolding. Pages set like a book." },
  {
    look: "TIDETABLE",
    name: "Tidetable",
    says: "One button opens a sheet with everything, found by typing.",
  },
];

export const nameOf = (look: Look) => LOOKS.find((each) => each.look === look)?.name ?? look;
