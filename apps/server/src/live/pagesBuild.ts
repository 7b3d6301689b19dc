import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';

/** Where the built pages lie. */
export const pagesDir = (): string => process.env['WEB_DIR'] ?? path.resolve(import.meta.dirname, '../../../web/dist');

let known: string | undefined;

/** Which build of the pages is served: an open page of another one can tell. Their one page names all its parts by what is in them. */
export function pagesBuild(): string {
  known ??= readBuild();
  return known;
}
function readBuild(): string {
  try {
    return createHash('sha256')
      .update(readFileSync(path.join(pagesDir(), 'index.html')))
      .digest('hex')
      .slice(0, 12);
  } catch {
    // Served without pages: by a server of its own, or in a test.
    return 'none';
  }
}
