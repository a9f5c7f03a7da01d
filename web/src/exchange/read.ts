import type { GivenFile } from "../api/client";
import { Objection } from "../shared/sentenceOf";
import { sizeOf } from "../shared/size";

/** Bytes of all files; in base64 they fit into one call. */
const ROOM = 5_800_000;

/** @throws Objection where there is no room for them, or they are gone by now */
export async function read(files: readonly File[]): Promise<readonly GivenFile[]> {
  const all = files.reduce((sum, file) => sum + file.size, 0);
  if (all > ROOM)
    throw new Objection(
      `This is ${sizeOf(all)}; up to ${sizeOf(ROOM)} are read at a time. Choose fewer files, or smaller ones.`,
    );
  return Promise.all(files.map(async (file) => ({ name: file.name, content: await base64(file) }))).catch(
    () => {
      throw new Objection("The file cannot be read any more. Choose it again.");
    },
  );
}

function base64(file: File): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => {
      const address = String(reader.result);
      resolve(address.slice(address.indexOf(",") + 1));
    };
    reader.onerror = () => reject(reader.error);
    reader.readAsDataURL(file);
  });
}
