// Compresses what the server sends beforehand, so that it never has to while somebody waits.
import { readdir, readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";

const worthwhile = /\.(js|css|svg)$/;
for (const entry of await readdir("dist", { recursive: true, withFileTypes: true })) {
  if (entry.isFile() && worthwhile.test(entry.name)) {
    const file = join(entry.parentPath, entry.name);
    const plain = await readFile(file);
    await writeFile(`${file}.gz`, gzipSync(plain, { level: constants.Z_BEST_COMPRESSION }));
    await writeFile(`${file}.br`, brotliCompressSync(plain)); // browsers that speak it load a sixth less
  }
}
