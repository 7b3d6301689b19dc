import { MINUTE_MS } from '../quantity/index.ts';
import { foldRun, type TaskFacts } from '../run/index.ts';
import { cutOf, type TaskAbout } from '../session/index.ts';
import { stepOf, type CookedRun, type FigureKey, type Sighting } from './sighting.ts';

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
  const { startedAt, doneAt, pausedMs = 0, notYetAt, who } = fact;
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
  const between = notYetAt !== undefined && notYetAt > startedAt && notYetAt < doneAt;
  const minutes = between ? (took(notYetAt) + took(doneAt)) / 2 : took(doneAt);
  const value = minutes / bookMinutes;
  if (!within(value, PLAUSIBLE.step)) return [];
  const bound = between ? {} : ({ bound: 'at most' } as const);
  const figures: readonly FigureKey[] = [
    { kind: 'step', of: step },
    ...(task.station === 'oven' ? [{ kind: 'oven', of: task.unit ?? 'oven' } as const] : []),
  ];
  return figures.map((figure) => ({
    ...seen,
    figure,
    value,
    real: minutes,
    book: bookMinutes,
    ...bound,
    ...(figure.kind === 'oven' ? { voice: step } : {}),
  }));
}

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
