const CONSONANTS = "bdfghklmnprstvz";
const VOWELS = "aeiou";

/** A password that can be read out over the telephone, of about 50 bits: four words that mean nothing. */
export function suggestedPassword(): string {
  return Array.from({ length: 4 }, () => `${syllable()}${syllable()}`).join("-");
}

function syllable(): string {
  return `${oneOf(CONSONANTS)}${oneOf(VOWELS)}`;
}

/** Each as likely as the others: numbers beyond the last full round are drawn again. */
function oneOf(letters: string): string {
  const [drawn = 0] = crypto.getRandomValues(new Uint8Array(1));
  return drawn >= 256 - (256 % letters.length) ? oneOf(letters) : letters.charAt(drawn % letters.length);
}
