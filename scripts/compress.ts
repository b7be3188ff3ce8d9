import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const TEXT = /\.(js|css|html|svg|json|webmanifest)$/;

/** Writes a Brotli and a gzip copy beside every text file of the build, so that serving costs nothing. */
function compress(folder: string): void {
  for (const entry of readdirSync(folder, { withFileTypes: true, recursive: true })) {
    const file = path.join(entry.parentPath, entry.name);
    if (!entry.isFile() || !TEXT.test(entry.name)) continue;
    const text = readFileSync(file);
    writeFileSync(
      `${file}.br`,
      brotliCompressSync(text, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }),
    );
    writeFileSync(`${file}.gz`, gzipSync(text, { level: 9 }));
  }
}

compress('dist');
