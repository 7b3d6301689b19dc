import { addDays } from '@kestrel-ridge/core/quantity';
import fc from 'fast-check';
import { kitchen, session, today } from '../app/kitchenForTests.ts';
import { openOf } from '@kestrel-ridge/core/view';
import { handsElsewhere } from './handsElsewhere.ts';
import { withDrafts } from '@kestrel-ridge/core/view';

const WEDNESDAY = addDays(today, 2);
const minutes = (text: string): number => {
  const [, h = '0', m = '0'] = /^(?:(\d+) h )?(\d+)(?: min)?$/.exec(text) ?? [];
  return Number(h) * 60 + Number(m);
};

describe('a dish that is tried on another day', () => {
  test('leaves its session, and the other day says its hands', () => {
    const view = kitchen();
    const days = { b: WEDNESDAY };
    const tried = withDrafts(view, {}, days);
    expect(openOf(tried)).toEqual([]);
    const [there] = handsElsewhere(view, tried, days);
    expect(there).toMatchObject({ day: WEDNESDAY, dishes: ['Millet'] });
    expect(minutes(there?.because.figure ?? '')).toBeGreaterThan(5);
  });
  test('its own day again is no change', () => {
    const view = kitchen();
    const tried = withDrafts(view, {}, { b: today });
    expect(openOf(tried)).toHaveLength(1);
    expect(handsElsewhere(view, tried, { b: today })).toEqual([]);
  });
  test('a planned session of that day takes it, with what is cooked there anyway', () => {
    const base = kitchen();
    const other = { ...session, id: 'w', name: 'Wednesday', startsAt: `${WEDNESDAY}T16:00:00.000Z` };
    const [batch] = base.batches;
    if (!batch) throw new Error('no batch');
    const there = { ...batch, session: other, state: { ...batch.state, id: 'c', session: 'w' } };
    const view = { ...base, batches: [batch, there], week: { ...base.week, sessions: [session, other] } };
    const days = { b: WEDNESDAY };
    const tried = withDrafts(view, {}, days);
    expect(tried.batches.map(({ state }) => state.session)).toEqual(['w', 'w']);
    expect(handsElsewhere(view, tried, days)[0]?.because.parts).toHaveLength(2);
  });
  test('law: hands of a larger batch on the other day are never fewer', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 10 }), (portions, more) => {
        const view = kitchen();
        const days = { b: WEDNESDAY };
        const hands = (n: number) => {
          const tried = withDrafts(view, { b: { portions: n, freezePortions: 0 } }, days);
          return minutes(handsElsewhere(view, tried, days)[0]?.because.figure ?? '');
        };
        expect(hands(portions + more)).toBeGreaterThanOrEqual(hands(portions));
      }),
      { numRuns: 25 },
    ));
});
