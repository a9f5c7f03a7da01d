import type { FileDto } from "../api/client";

/** Whether a file is one that pages show. */
export const isPicture = (file: FileDto): boolean => file.picture !== null;

const ONE = new Intl.NumberFormat("en-GB", { maximumFractionDigits: 1 });

/** How much there is to load: "240 kB", "3.1 MB". */
export function sizeOf(bytes: number): string {
  if (bytes < 1_000) return `${bytes} bytes`;
  return bytes < 1_000_000
    ? `${ONE.format(Math.round(bytes / 1_000))} kB`
    : `${ONE.format(bytes / 1_000_000)} MB`;
}

/** What it is, how large, and how much there is to load. */
export function factsOf(file: FileDto): string {
  const size = isPicture(file) ? ` ${file.width} × ${file.height}` : "";
  return `${file.type}${size} · ${sizeOf(file.bytes)}`;
}

/** What may be chosen on this computer; the server looks at what is in it all the same. */
export const PICTURES = "image/jpeg,image/png,image/webp,image/gif,image/svg+xml";
export const ALL = `${PICTURES},.pdf,.docx,.xlsx,.pptx,.odt,.ods,.odp`;
