/** Characters of a title that are told where only its beginning matters. */
const TOLD = 60;

/** The beginning of what may be very long; never half a character. */
export function shortened(words: string): string {
  const characters = [...words.slice(0, 2 * (TOLD + 1))];
  return characters.length > TOLD ? `${characters.slice(0, TOLD).join("")}…` : words;
}
