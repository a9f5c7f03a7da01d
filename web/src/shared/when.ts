/** A moment as people write it: "26 Nov 2026, 14:05". */
export function when(moment: string): string {
  return new Date(moment).toLocaleString(undefined, { dateStyle: "medium", timeStyle: "short" });
}

/** A day as people write it: "26 Nov 2026". */
export function dayOf(date: string): string {
  return new Date(`${date}T12:00`).toLocaleDateString(undefined, { dateStyle: "medium" });
}
