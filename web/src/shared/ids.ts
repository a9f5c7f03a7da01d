const LETTERS = "abcdefghijklmnopqrstuvwxyz234567";

/** A new id: 100 random bits. Works without a secure context too, where randomUUID is missing. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(20));
  return Array.from(bytes, (byte) => LETTERS[byte & 31]).join("");
}
