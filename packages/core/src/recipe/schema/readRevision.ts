import * as v from 'valibot';
import { done, refused, type Outcome } from '../../quantity/index.ts';
import { faultsIn, type ShapeFault } from '../../quantity/schema/index.ts';
import type { Revision } from '../revision.ts';
import { REVISION } from './revisionSchema.ts';

/**
 * Reads a recipe's document from outside, before anything believes it.
 * @example readRevision({ name: 'Millet' }) // { ok: false, problem: [{ field: 'portions', fault: '…' }, …] }
 */
export function readRevision(document: unknown): Outcome<Revision, readonly ShapeFault[]> {
  const read = v.safeParse(REVISION, document);
  return read.success ? done(read.output) : refused(faultsIn(read.issues));
}
