import fc from 'fast-check';
import { BOOK } from '../food/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { Fraction, inBase } from '../quantity/index.ts';
import { STARTER_RECIPES } from '../recipe/index.ts';
import { scaleBatch } from '../scaling/index.ts';
import { search } from '../schedule/index.ts';
import { expandSession, type ProblemUse, type TaskAbout } from '../session/index.ts';
import {
  asCooked,
  doubledTaps,
  droppedIn,
  finalsOf,
  foldRun,
  LOOSENED,
  gateAt,
  laterId,
  notesOf,
  pressureCycles,
  projectRun,
  readBack,
  takenOut,
  type PlannedRun,
  type RunEvent,
  type RunFact,
} from './index.ts';

const START = Date.parse('2026-03-01T09:00:00Z');
const MINUTE = 60_000;
const foods = new Map(BOOK.map((food) => [food.id, food]));
const batches = STARTER_RECIPES.map((recipe) => ({
  id: recipe.component.kind,
  scaled: scaleBatch(recipe, new Fraction(recipe.component.kind === 'grain' ? 16 : 8), foods, STARTING_EQUIPMENT),
}));
const { problem, about } = expandSession('s', batches, STARTING_EQUIPMENT, 1);
const run: PlannedRun = { problem, about, plan: search(problem, { seed: 1, rounds: 200 }), startedAt: START };
const grain = batches.find(({ id }) => id === 'grain');
if (!grain) throw new Error('no grain');

let n = 0;
const say = (what: RunFact, atMinute = 0): RunEvent => ({
  id: `e${++n}`,
  device: 'tablet',
  deviceSeq: n,
  clock: n,
  at: START + atMinute * MINUTE,
  what,
});
const facts = (...said: readonly RunFact[]) => foldRun(said.map((what) => say(what)));
const task = (test: (about: TaskAbout) => boolean): TaskAbout => {
  const found = Object.values(about).find(test);
  if (!found) throw new Error('no such task');
  return found;
};
const lid = task(({ batch, stage, load }) => batch === 'grain' && stage === 'load' && load === 1);
const lines = lid.goesIn.map(({ line }) => line);

describe('a point of no return', () => {
  test('is the lid, the tray, the blades and the last hands on a dish, and nothing else', () => {
    const gates = Object.values(about).flatMap((each) => {
      const gate = gateAt(each, problem, about);
      return gate ? [`${each.dish}: ${gate}`] : [];
    });
    expect(gates).toEqual(expect.arrayContaining(['Millet: lid', 'Borlotti: lid', 'Roast roots: tray']));
    expect(gates.filter((gate) => gate === 'Roast roots: boxes')).toHaveLength(1);
    expect(
      gateAt(
        task(({ cutting }) => cutting !== undefined),
        problem,
        about,
      ),
    ).toBeUndefined();
  });
  test('reads back what is not ticked, of the task and of those before it, with what can still follow', () => {
    const back = readBack(lid, problem, about, new Map());
    expect(back?.missing.map(({ into }) => into.food)).toEqual(expect.arrayContaining(['water', 'salt', 'millet']));
    expect(back?.missing.find(({ into }) => into.food === 'millet')?.into.follows).toBe('not later');
    expect(back?.missing.find(({ into }) => into.food === 'salt')?.into.follows).toBe('stir in');
  });
  test('says nothing when nothing is missing', () => {
    const rinse = task(({ batch, step, load }) => batch === 'grain' && step === 'rinse' && load === 1);
    const all = facts(
      ...[rinse, lid].flatMap((each) =>
        each.goesIn.map(({ line }): RunFact => ({ kind: 'ticked', task: each.id, line })),
      ),
    );
    expect(readBack(lid, problem, about, all)).toBeUndefined();
  });
  test('does not ask twice what was answered; what went in whole is asked for before the boxes', () => {
    const answered = facts(...lines.map((line): RunFact => ({ kind: 'gate', task: lid.id, line, choice: 'left out' })));
    const back = readBack(lid, problem, about, answered);
    expect(back?.missing.some(({ task: at }) => at === lid.id)).toBe(false);
    const last = task((each) => each.batch === 'grain' && gateAt(each, problem, about) === 'boxes');
    expect(readBack(last, problem, about, new Map())?.comesOut.map(({ into }) => into.food)).toContain('bay leaf');
  });

  const bay = lid.goesIn.find(({ comesOut }) => comesOut)?.line ?? '';
  const last = task((each) => each.batch === 'grain' && gateAt(each, problem, about) === 'boxes');
  const outOf = (...what: readonly RunFact[]) =>
    readBack(last, problem, about, facts(...what))?.comesOut.map(({ task: at, into }) => `${at} ${into.line}`) ?? [];
  const ofLoad1 = `${lid.id} ${bay}`;
  test('what comes out is not asked while the lid is shut, not twice, and not when it was never put in', () => {
    expect(readBack(lid, problem, about, new Map())?.comesOut).toEqual([]);
    expect(outOf({ kind: 'ticked', task: lid.id, line: bay })).toContain(ofLoad1);
    expect(outOf({ kind: 'gate', task: lid.id, line: bay, choice: 'left out' })).not.toContain(ofLoad1);
    expect(outOf({ kind: 'gate', task: lid.id, line: bay, choice: 'later' })).not.toContain(ofLoad1);
    const taken: RunFact = { kind: 'ticked', task: last.id, line: takenOut('grain', bay, last.load) };
    expect(outOf({ kind: 'ticked', task: lid.id, line: bay }, taken)).toEqual([]);
  });
  test('what comes out is asked before blades that would shred it', () => {
    const jug: ProblemUse = { id: 'jug', resource: 'jug', from: last.id, to: last.id };
    const blended = { ...problem, uses: [...problem.uses, jug] };
    const back = readBack(last, blended, about, facts({ kind: 'ticked', task: lid.id, line: bay }));
    expect([back?.gate, back?.comesOut.some(({ into }) => into.line === bay)]).toEqual(['blades', true]);
  });
  test('what follows later is asked at its own step and nowhere else', () => {
    const salt = lid.goesIn.find(({ food }) => food === 'salt')?.line ?? '';
    const told = facts({ kind: 'gate', task: lid.id, line: salt, choice: 'later' });
    const cooked = asCooked(run, told);
    const step = cooked.about[laterId(lid.id, salt)];
    expect(step?.name).toBe('Stir in salt');
    const asked = Object.values(cooked.about).flatMap((each) =>
      (readBack(each, cooked.problem, cooked.about, cooked.facts)?.missing ?? []).filter(
        ({ into, task: at }) => into.line === salt && (at === lid.id || at === step?.id),
      ),
    );
    expect(asked).toEqual([]);
  });
});

describe('what really went in', () => {
  const planned = (line: string) => {
    const found = grain.scaled.lines.find((each) => each.line.id === line);
    return found ? inBase(found.amount.value).valueOf() : 0;
  };
  test('of a run without a word is what was planned', () =>
    expect(finalsOf('grain', grain.scaled, about, new Map())).toEqual([]));
  test('what one of two loads was left without is half of it less', () => {
    const salt = lid.goesIn.find(({ food }) => food === 'salt')?.line ?? '';
    const [final] = finalsOf(
      'grain',
      grain.scaled,
      about,
      facts({ kind: 'gate', task: lid.id, line: salt, choice: 'left out' }),
    );
    expect(final?.line).toBe(salt);
    expect(Number(final?.amount.n)).toBeCloseTo(planned(salt) / 2, 2);
  });
  test('law: more is added up, in whatever order it was said; never less than nothing', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 6 }), (more) => {
        const water = lid.goesIn.find(({ food }) => food === 'water')?.line ?? '';
        const said = more.map((each): RunFact => ({
          kind: 'amount',
          task: lid.id,
          line: water,
          plus: { n: `${each}`, unit: 'mL' },
        }));
        const final = (these: readonly RunFact[]) => finalsOf('grain', grain.scaled, about, facts(...these))[0];
        expect(Number(final(said)?.amount.n)).toBeCloseTo(
          planned(water) + more.reduce((sum, each) => sum + each, 0),
          1,
        );
        expect(final([...said].reverse())).toEqual(final(said));
      }),
    ));
});

describe('the pressure cycle', () => {
  const cyclesAt = (minute: number, ...events: readonly RunEvent[]) => {
    const cooked = asCooked(run, foldRun(events));
    const now = START + minute * MINUTE;
    const view = projectRun(cooked.problem, cooked.plan, START, cooked.facts, now);
    return pressureCycles(view.tasks, cooked.about, now);
  };
  test('begins with the lid, and each load has its own', () => {
    expect(cyclesAt(0)).toEqual([]);
    expect(cyclesAt(6, say({ kind: 'done', task: lid.id }, 5))).toMatchObject([
      { dish: 'Millet', load: 1, at: 'come up', watchdog: [] },
    ]);
  });
  test('asks what to look at when the pin should be up and is not', () => {
    const up = task(({ batch, stage, load }) => batch === 'grain' && stage === 'come up' && load === 1);
    const [late] = cyclesAt(6 + up.window.latest, say({ kind: 'done', task: lid.id }, 5));
    expect(late?.watchdog[0]).toContain('valve');
    const done = say({ kind: 'done', task: up.id }, 8);
    expect(cyclesAt(30, say({ kind: 'done', task: lid.id }, 5), done)[0]).toMatchObject({ at: 'hold', watchdog: [] });
  });
});

describe('the run as it goes', () => {
  const viewOf = (minute: number, ...events: readonly RunEvent[]) => {
    const cooked = asCooked(run, foldRun(events));
    return { cooked, view: projectRun(cooked.problem, cooked.plan, START, cooked.facts, START + minute * MINUTE) };
  };
  test('what was added has a clock from the moment it was said, and pushes nothing', () => {
    const before = viewOf(10).view.endsAt;
    const added = say({ kind: 'added', task: 'added/1', name: 'Boil swede', minutes: 20, hands: false }, 10);
    const { view, cooked } = viewOf(10, added);
    expect(cooked.about['added/1']?.name).toBe('Boil swede');
    expect(view.clocks.find(({ id }) => id === 'added/1')?.end).toBe(START + 30 * MINUTE);
    expect(view.endsAt).toBe(before);
  });
  test('a dish that was dropped asks for nothing any more, and the others end no later', () => {
    const roots = task(({ batch }) => batch === 'roots');
    const dropped = say({ kind: 'dish dropped', task: roots.id }, 1);
    const { view, cooked } = viewOf(2, dropped);
    expect(droppedIn(foldRun([dropped]), about)).toEqual(new Set(['roots']));
    for (const each of view.tasks) if (cooked.about[each.id]?.batch === 'roots') expect(each.status).toBe('done');
    expect(view.endsAt).toBeLessThanOrEqual(viewOf(2).view.endsAt);
  });
  test('a task is whose it was given to last', () => {
    const { cooked } = viewOf(
      0,
      say({ kind: 'given', task: lid.id, who: 'Ada' }),
      say({ kind: 'given', task: lid.id, who: 'Bo' }),
    );
    expect(cooked.about[lid.id]?.who).toBe('Bo');
  });
});

describe('what was put off at a gate', () => {
  const salt = lid.goesIn.find(({ food }) => food === 'salt');
  if (!salt) throw new Error('no salt');
  const later = laterId(lid.id, salt.line);
  const putOff: RunFact = { kind: 'gate', task: lid.id, line: salt.line, choice: 'later' };

  test('gets a step of its own when the lid is off, before the last hands on the dish', () => {
    const cooked = asCooked(run, facts(putOff));
    expect(cooked.about[later]).toMatchObject({ name: 'Stir in salt', dish: 'Millet', attention: { needs: 'hands' } });
    const emptied = task(({ batch, stage, load }) => batch === 'grain' && stage === 'empty' && load === 1);
    expect(cooked.problem.links).toContainEqual({ from: emptied.id, to: later, min: 0, max: null });
    const { tasks } = projectRun(cooked.problem, cooked.plan, START, cooked.facts, START);
    const at = new Map(tasks.map((each) => [each.id, each]));
    expect(at.get(later)?.start).toBeGreaterThanOrEqual(at.get(emptied.id)?.end ?? Infinity);
  });
  test('goes in when its step is done, and was left out when it was skipped', () => {
    const booked = (fact: RunFact) =>
      finalsOf('grain', grain.scaled, about, facts(putOff, fact)).filter(({ line }) => line === salt.line);
    expect(booked({ kind: 'done', task: later })).toEqual([]);
    expect(booked({ kind: 'skipped', task: later })).toHaveLength(1);
  });
});

test('what browned in the cooker is loosened before its lid is sealed, and that is asked once', () => {
  const browned: TaskAbout = { ...lid, id: 'brown', step: 'brown', name: 'Brown the leek', goesIn: [] };
  const { stage: _none, ...open } = browned;
  const known = { ...about, brown: open };
  const before = { ...problem, links: [...problem.links, { from: 'brown', to: lid.id, min: 0, max: 5 }] };
  expect(readBack(lid, before, known, new Map())?.loosen).toBe('Brown the leek');
  expect(readBack(lid, problem, about, new Map())?.loosen).toBeUndefined();
  const loose = facts({ kind: 'ticked', task: lid.id, line: LOOSENED });
  expect(readBack(lid, before, known, loose)?.loosen).toBeUndefined();
});

test('what two devices tapped before either knew of the other counts once, and is told', () => {
  const tap = (device: string, clock: number, what: RunFact): RunEvent => ({
    id: `${device} ${clock}`,
    device,
    deviceSeq: clock,
    clock,
    at: START + clock * MINUTE,
    what,
  });
  const done = { kind: 'done', task: lid.id } as const;
  const both = [tap('tablet', 5, done), tap('phone', 5, done)];
  expect(doubledTaps([...both, ...both])).toEqual([expect.objectContaining({ task: lid.id })]);
  expect(foldRun(both).get(lid.id)?.doneAt).toBe(START + 5 * MINUTE);
  // Reopened in between, it was done twice because it was to be done twice; one device alone is nobody's surprise.
  expect(
    doubledTaps([tap('tablet', 5, done), tap('tablet', 6, { kind: 'reopened', task: lid.id }), tap('phone', 7, done)]),
  ).toEqual([]);
  expect(doubledTaps([tap('tablet', 5, done), tap('tablet', 6, done)])).toEqual([]);
});

test('what was noted stands with the step of the recipe that it was noted at', () =>
  expect(notesOf('grain', about, facts({ kind: 'noted', task: lid.id, text: 'a little dry' }))).toEqual([
    { step: lid.step, text: 'a little dry' },
  ]));
