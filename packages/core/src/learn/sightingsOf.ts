import { MINUTE_MS, type Moment } from '../quantity/index.ts';
import { foldRun, type TaskFacts } from '../run/index.ts';
import { cutOf, type TaskAbout } from '../session/index.ts';
import { ofRack, stepOf, type CookedRun, type FigureKey, type Sighting } from './sighting.ts';

/** What is further off was no cooker, no hands, no oven: a tap was forgotten, or several steps were ticked off at once. Times the book's minutes; of a turn, minutes for 10 °C. */
const PLAUSIBLE = {
  cooker: { least: 0.4, most: 3 },
  hands: { least: 0.2, most: 5 },
  step: { least: 0.4, most: 2.5 },
  turn: { least: 0.1, most: 10 },
} as const;

/**
 * All that one run shows of this kitchen. Of a step that was only ticked off nobody knows when it began; what was found done when somebody looked is a bound, and what was
 * "not yet" done before lies between the two looks.
 * @example sightingsOf(run).filter(({ figure }) => figure.kind === 'come up')[0]?.value // 1.18
 */
export function sightingsOf(run: CookedRun): readonly Sighting[] {
  const facts = foldRun(run.events);
  return Object.values(run.about).flatMap((task) => {
    const fact = facts.get(task.id);
    if (!fact || fact.doneAt === undefined || fact.skipped) return [];
    if (task.stage !== undefined) return ofStage(run, task, facts);
    if (task.turn) return ofTurn(run, task, fact);
    return ofStep(run, task, fact);
  });
}

function ofStage(run: CookedRun, task: TaskAbout, facts: ReadonlyMap<string, TaskFacts>): readonly Sighting[] {
  const kind = task.stage === 'come up' ? 'come up' : task.stage === 'natural' ? 'release' : undefined;
  const done = facts.get(task.id)?.doneAt;
  const begun = begunAt(task, run.about, facts);
  if (kind === undefined || task.bookMinutes === undefined || begun === undefined || done === undefined) return [];
  const minutes = (done - begun) / MINUTE_MS;
  const value = minutes / task.bookMinutes;
  if (!within(value, PLAUSIBLE.cooker)) return [];
  return [{ ...seenBy(run, task, done), figure: { kind, of: '' }, value, real: minutes, book: task.bookMinutes }];
}

function ofTurn(run: CookedRun, task: TaskAbout, { startedAt, doneAt }: TaskFacts): readonly Sighting[] {
  const { turn } = task;
  if (!turn || turn.from === turn.to || startedAt === undefined || doneAt === undefined) return [];
  const minutes = (doneAt - startedAt) / MINUTE_MS;
  const value = (minutes / Math.abs(turn.to - turn.from)) * 10;
  if (!within(value, PLAUSIBLE.turn)) return [];
  const figure: FigureKey = { kind: turn.to > turn.from ? 'hotter' : 'cooler', of: turn.oven };
  return [{ ...seenBy(run, task, doneAt), figure, value, real: minutes, book: task.window.expected }];
}

function ofStep(run: CookedRun, task: TaskAbout, fact: TaskFacts): readonly Sighting[] {
  const { startedAt, doneAt, pausedMs = 0, who } = fact;
  if (startedAt === undefined || doneAt === undefined) return [];
  const bookMinutes = task.bookMinutes ?? task.window.expected;
  const took = (until: number): number => (until - startedAt - pausedMs) / MINUTE_MS;
  const recipe = task.batch === null ? undefined : run.recipeOf[task.batch];
  const step = recipe === undefined ? undefined : stepOf(recipe, task.step);
  const seen = seenBy(run, task, doneAt);
  if (task.attention.needs === 'hands') {
    const minutes = took(doneAt);
    const value = minutes / bookMinutes;
    if (!within(value, PLAUSIBLE.hands)) return [];
    const cut = cutOf(task);
    const figures: readonly FigureKey[] = [
      { kind: 'hands', of: '' },
      ...(cut === undefined ? [] : [{ kind: 'cut', of: cut } as const]),
      ...(who === undefined ? [] : [{ kind: 'cook', of: who } as const]),
      ...(step === undefined ? [] : [{ kind: 'step', of: step } as const]),
    ];
    return figures.map((figure) => ({ ...seen, figure, value, real: minutes, book: bookMinutes }));
  }
  // What boils down goes by its weight: how long that takes is no matter of the recipe's minutes.
  if (step === undefined || task.stopsAtG !== undefined) return [];
  const oven = task.station === 'oven' ? (task.unit ?? 'oven') : undefined;
  const trays = oven === undefined ? [] : traysSeen(fact);
  // Of several trays the slowest ends the step: what an oven does is what they took on the whole.
  const ends =
    trays.length > 0 && trays.length >= (task.trays?.count ?? 1)
      ? trays
      : [lookedFor(doneAt, startedAt, looksOf(fact))];
  const minutes = ends.reduce((sum, { at }) => sum + took(at), 0) / ends.length;
  const value = minutes / bookMinutes;
  if (!within(value, PLAUSIBLE.step)) return [];
  const bound = ends.every(({ exact }) => exact) ? {} : ({ bound: 'at most' } as const);
  // Of what was found done at the first look nobody knows since when: it says nothing of its rack.
  const byRack = trays
    .filter(({ exact }) => exact)
    .map(({ rack, at }) => ({
      ...seen,
      figure: { kind: 'rack', of: ofRack(oven ?? '', rack) } as const,
      value: took(at) / bookMinutes,
      real: took(at),
      book: bookMinutes,
      voice: step,
    }));
  const figures: readonly FigureKey[] = [
    { kind: 'step', of: step },
    ...(oven === undefined ? [] : [{ kind: 'oven', of: oven } as const]),
  ];
  return [
    ...figures.map((figure) => ({
      ...seen,
      figure,
      value,
      real: minutes,
      book: bookMinutes,
      ...bound,
      ...(figure.kind === 'oven' ? { voice: step } : {}),
    })),
    ...byRack.filter((each) => within(each.value, PLAUSIBLE.step)),
  ];
}

/** When something was done that somebody found done: between the look before, at which it was not, and this one. */
function lookedFor(
  at: Moment,
  startedAt: Moment,
  looks: readonly Moment[],
): { readonly at: Moment; readonly exact: boolean } {
  const before = Math.max(-Infinity, ...looks.filter((look) => look > startedAt && look < at));
  return Number.isFinite(before) ? { at: (before + at) / 2, exact: true } : { at, exact: false };
}

/** Trays that came out. When one does, the others are looked at and are not done. */
const traysSeen = ({ startedAt = 0, ...fact }: TaskFacts) =>
  (fact.traysOut ?? []).map(({ rack, at }) => ({
    rack,
    ...lookedFor(at, startedAt, looksOf(fact)),
  }));
const looksOf = ({ notYetAt = [], traysOut = [] }: TaskFacts): readonly Moment[] => [
  ...notYetAt,
  ...traysOut.map(({ at }) => at),
];

const within = (value: number, { least, most }: { readonly least: number; readonly most: number }): boolean =>
  value >= least && value <= most;

const seenBy = (run: CookedRun, task: TaskAbout, at: number) => ({
  run: run.id,
  task: task.id,
  at,
  what: task.dish && !task.name.includes(task.dish) ? `${task.name} · ${task.dish}` : task.name,
});

/** It began when it was started, or when the stage before it was done. */
function begunAt(
  task: TaskAbout,
  about: CookedRun['about'],
  facts: ReadonlyMap<string, TaskFacts>,
): number | undefined {
  const before = task.stage === 'come up' ? 'load' : 'hold';
  const earlier = Object.values(about).find(
    ({ batch, step, load, stage }) =>
      batch === task.batch && step === task.step && load === task.load && stage === before,
  );
  return facts.get(task.id)?.startedAt ?? (earlier && facts.get(earlier.id)?.doneAt);
}
