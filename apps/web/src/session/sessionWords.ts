import { GRILL_C } from '@kestrel-ridge/core/kitchen';
import { listed, portionsText } from '@kestrel-ridge/core/quantity';
import type { SessionFault } from '@kestrel-ridge/core/session';
import { ovenWords } from '../parts/degrees.ts';
import { duration } from '../parts/times.ts';
import type { PlanResult } from './planSlice.ts';

/** Knife work of several dishes, done once. */
export const cutInOneGoWords = (food: string, dishes: readonly string[]): string =>
  `${food} cut in one go for ${listed(dishes)}`;

/** What the week lacks, if it comes to that. */
export const thenLacksWords = (lost: readonly { readonly dish: string; readonly portions: number }[]): string =>
  `The week then lacks ${listed(lost.map(({ dish, portions }) => `${portionsText(portions)} of ${dish}`))}.`;

/** What one amount is made up of: "120 g diced for the soup and 40 g sliced for the slaw". */
export const partsForWords = (
  parts: readonly { readonly amount: string; readonly form: string; readonly dish: string }[],
): string => listed(parts.map(({ amount, form, dish }) => [amount, form, 'for', dish].filter(Boolean).join(' ')));

/** When to look at something that takes from so long to so long; empty where it takes always the same. */
export const lookFromWords = ({ earliest, latest }: { readonly earliest: number; readonly latest: number }): string =>
  earliest === latest ? '' : `, look from ${earliest}, ${latest} at the latest`;

/** A station, as it stands behind "without the …". */
export const withoutStationWords = (station: string): string =>
  `without the ${station === 'cooker' ? 'sealed cooker' : station === 'jug' ? 'blender' : station}`;

const THINGS: Readonly<Record<string, string>> = {
  cooker: 'a sealed cooker',
  oven: 'an oven',
  'air fryer': 'an air fryer',
  jug: 'a blender',
};

/** What this kitchen cannot do for a dish. */
export function faultWords(fault: SessionFault): string {
  switch (fault.kind) {
    case 'too hot':
      if (fault.celsius === GRILL_C)
        return `${fault.dish} wants a grill, and no oven here is said to have one. Say so under Kitchen if it has`;
      return `${fault.dish} wants ${ovenWords(fault.celsius)}; the oven here gets to ${ovenWords(fault.mostC)}`;
    case 'not here':
      return `${fault.dish} wants ${THINGS[fault.station] ?? `a ${fault.station}`}, and there is none in this kitchen`;
    case 'nobody can':
      return `${fault.dish}: nobody who cooks does “${fault.task}”`;
    default:
      return fault satisfies never;
  }
}

/** How short a plan can get at all, and what holds it; `makespan`: how long it is, min. */
export function boundWords(bound: PlanResult['bound'], makespan: number): string {
  const because = {
    'the longest chain': 'the longest chain of steps takes that long',
    'the hands': 'the hands have that much to do',
    'one vessel': `the ${bound.what ?? 'vessel'} is busy that long`,
  }[bound.because];
  return bound.minutes >= makespan
    ? `It cannot be shorter: ${because}.`
    : `At least ${duration(bound.minutes)}: ${because}.`;
}
