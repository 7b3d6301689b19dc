import { THE_DAY_BEFORE, type MethodStep, type TimesApart } from '@kestrel-ridge/core/formats';
import { writtenWords } from '@kestrel-ridge/core/recipe';
import { ovenWords } from '../parts/degrees.ts';
import { duration } from '../parts/times.ts';

const HANDS_WORDS = { hands: 'hands', look: 'a look now and then', nobody: 'nobody' } as const;
const span = (from: number, to: number, unit: string): string => `${from === to ? from : `${from} to ${to}`} ${unit}`;

/** "10 min at pressure · natural release", "8 to 20 h before", "20 min · nobody · oven at 200 °C" */
export function stepWords(step: MethodStep): string {
  const { earliest, latest } = step.minutes;
  if (step.kind === 'ahead') {
    if (!step.hours) return 'begun before the session';
    const { least, most } = step.hours;
    // What is done on the day before is followed at once by the next of it.
    return most < 1
      ? `on the day before, ${span(least * 60, most * 60, 'min')}`
      : `begun ${span(least, most, 'h')} before`;
  }
  if (step.kind === 'pressure') {
    const { release } = step;
    const out =
      release?.how === 'timed'
        ? `${release.minutes} min by itself, then vented`
        : release?.how === 'natural'
          ? 'comes down by itself'
          : release?.how === 'quick'
            ? 'vented at once'
            : undefined;
    return [step.timed ? `${span(earliest, latest, 'min')} at pressure` : 'at pressure', ...(out ? [out] : [])].join(
      ' · ',
    );
  }
  if (step.afterwards)
    return `hands · then it stands ${span(step.afterwards.least, step.afterwards.most, 'h')}, after the session`;
  const station = step.station === 'jug' ? 'blender' : step.grill ? 'grill' : step.station;
  return [
    untilWords(step) ?? (step.timed ? span(earliest, latest, 'min') : '5 min, a guess'),
    HANDS_WORDS[step.attention.needs],
    ...(station ? [`${station}${step.celsius ? ` at ${ovenWords(step.celsius)}` : ''}`] : []),
  ].join(' · ');
}

/** Of what boils down: how far. */
function untilWords({ off, shareOff, thick }: MethodStep): string | undefined {
  if (off) return `until ${writtenWords(off)} less`;
  if (thick !== undefined) return `until ${Math.round(thick * 100)} % of it is dry matter`;
  return shareOff && `until ${Math.round(shareOff.share * 100)} % of the liquid is gone`;
}

/**
 * What a text states of the whole, and what its steps come to.
 * @example timesWords({ of: 'cooking', stated: 40, steps: { from: 95, to: 95 } }) // => 'The text says 40 min of cooking; its steps take 1 h 35.'
 */
export function timesWords({ of, stated, steps: { from, to } }: TimesApart): string {
  const take =
    from <= stated ? `at most ${duration(to)}` : from === to ? duration(from) : `${duration(from)} to ${duration(to)}`;
  return `The text says ${duration(stated)} ${of === 'cooking' ? 'of cooking' : 'in all'}; its steps take ${take}.`;
}

/**
 * A place, or a day, that a text names while no step was read to be there, and how to mend it.
 * @example unheardWords('oven').names // => 'The text speaks of an oven'
 */
export function unheardWords(place: string): { readonly names: string; readonly mend: string; readonly right: string } {
  if (place === THE_DAY_BEFORE)
    return {
      names: 'The text speaks of the day or the night before',
      mend: 'No step below begins then. Say which one does, at the step’s right end.',
      right: 'no step does',
    };
  return {
    names: `The text speaks of ${/^[aeiou]/.test(place) ? 'an' : 'a'} ${place}`,
    mend: 'No step below is in it. Say which one is, at the step’s right end.',
    right: 'no step is',
  };
}
