import { AS_IT_IS, type As } from "./addresses";
import type { Size, Width } from "./widths";

/** How the site is looked at, which stays when another screen is opened. On a phone it begins as on a phone. */
export const remembered: { width: Width; size: Size; as: As } = {
  width: window.matchMedia("(max-width: 899px)").matches ? "phone" : "wide",
  size: "readable",
  as: AS_IT_IS,
};
