import { Fraction, WRITTEN_SHARE } from '../quantity/index.ts';

/** A share as it was typed; what is none is nothing, and faultsOf says so. */
export const readShare = (share: string): Fraction => new Fraction(WRITTEN_SHARE.test(share) ? share : 0);
