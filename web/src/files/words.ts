import type { FileDto } from "../api/client";
import { sizeOf } from "../shared/size";

/** Whether a file is one that pages show. */
export const isPicture = (file: FileDto): boolean => file.picture !== null;

/** What it is, how large, and how much there is to load. */
export function factsOf(file: FileDto): string {
  const size = isPicture(file) ? ` ${file.width} × ${file.height}` : "";
  return `${file.type}${size} · ${sizeOf(file.bytes)}`;
}

/** What may be chosen on this computer; the server looks at what is in it all the same. */
export const PICTURES = "image/jpeg,image/png,image/webp,image/gif,image/svg+xml";
export const ALL = `${PICTURES},.pdf,.docx,.xlsx,.pptx,.odt,.ods,.odp`;
