import { GateMark, KeyMark } from "../shared/marks";

export const REACHES = [
  { value: "OPEN", label: "Open" },
  { value: "BY_LINK_ONLY", label: "By link only", icon: <KeyMark /> },
  { value: "HELD_BACK", label: "Held back", icon: <GateMark /> },
] as const;

export const LAYOUTS = [
  { value: "STANDARD", label: "Standard" },
  { value: "WIDE", label: "Wide" },
  { value: "LANDING", label: "Landing" },
] as const;
