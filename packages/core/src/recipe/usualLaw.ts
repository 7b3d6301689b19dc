import type { Food, FoodRole } from '../food/index.ts';
import type { Law } from './revision.ts';

/** How the amount of a food usually grows with the batch, and why: by what it does in a dish, not by the shelf it stands on. */
export interface Growth {
  readonly law: Law;
  readonly why: string;
}

const PROPORTION: Law = { law: 'in proportion' };
const slower = (exponent: number): Law => ({ law: 'slower', exponent });

/**
 * By role, the first that fits. A doubling brings one and a half times of what is hot or strong (exponent 0.585) and nearly twice of what is salty (0.9).
 * Common practice, no published source.
 */
const BY_ROLE: readonly (readonly [role: FoodRole, growth: Growth])[] = [
  ['sweet', { law: PROPORTION, why: 'it sweetens by the gram' }],
  ['leaven', { law: PROPORTION, why: 'it raises so much flour, and no more' }],
  ['binder', { law: PROPORTION, why: 'it holds together by the gram' }],
  ['heat', { law: slower(0.585), why: 'heat adds up: it is easily put in, and never taken out' }],
  ['salt', { law: slower(0.9), why: 'a large pot loses less of its water, so it ends saltier' }],
  ['aromatic', { law: slower(0.585), why: 'a strong taste adds up in a large pot: taste, then add the rest' }],
  ['acid', { law: slower(0.9), why: 'less of it boils off a large pot' }],
];
const BODY: Growth = { law: PROPORTION, why: 'it is part of the dish itself' };
const SEASONING: Growth = { law: slower(0.585), why: 'a seasoning is tasted before the rest goes in' };

/**
 * @example growthOf(soySauce).law // { law: 'slower', exponent: 0.9 }
 * @example growthOf(mapleSyrup).law // { law: 'in proportion' }
 */
export function growthOf({ facts }: Pick<Food, 'facts'>): Growth {
  if (facts.kind !== 'seasoning') return BODY;
  const roles = facts.roles ?? [];
  // What grows in a garden is leaf, not powder: it is as strong in a large pot as in a small one.
  if (facts.keeps?.fridge && !roles.includes('heat') && !roles.includes('salt'))
    return { law: PROPORTION, why: 'fresh, it is as strong in a large pot as in a small one' };
  // Cinnamon is sweet and strong: it is held back.
  const strong = roles.includes('aromatic') && roles.includes('sweet');
  const said = BY_ROLE.find(([role]) => roles.includes(role) && !(strong && role === 'sweet'));
  if (said) return said[1];
  return roles.includes('umami') || roles.includes('thickener') || roles.includes('colour')
    ? { law: PROPORTION, why: 'it gives depth, body or colour by the gram' }
    : SEASONING;
}

/** The law alone. */
export const usualLaw = (food: Pick<Food, 'facts'>): Law => growthOf(food).law;
