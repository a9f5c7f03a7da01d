import type { As } from "./addresses";
import type { Width } from "./widths";

/** How the site is looked at, which stays when another screen is opened. On a phone it begins as on a phone. */
export const remembered: { width: Width; as: As } = {
  width: window.matchMedia("(max-width: 899px)").matches ? "phone" : "wide",
  as: { day: null, member: false },
};
