// Compresses what the server sends beforehand, so that it never has to while somebody waits.
import { readdir, readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { constants, gzipSync } from "node:zlib";

const worthwhile = /\.(js|css|svg)$/;
for (const entry of await readdir("dist", { recursive: true, withFileTypes: true })) {
  if (entry.isFile() && worthwhile.test(entry.name)) {
    const file = join(entry.parentPath, entry.name);
    await writeFile(`${file}.gz`, gzipSync(await readFile(file), { level: constants.Z_BEST_COMPRESSION }));
  }
}
