/** A moment as people write it: "26 Nov 2026, 14:05". */
export function when(moment: string): string {
  return new Date(moment).toLocaleString(undefined, { dateStyle: "medium", timeStyle: "short" });
}
