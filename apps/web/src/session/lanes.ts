import { capital, type SessionMinute } from '@kestrel-ridge/core/quantity';
import {
  isThing,
  racksInPlan,
  resourceWords,
  switchesOn,
  washId,
  type Plan,
  type SessionTasks,
  type TaskAbout,
} from '@kestrel-ridge/core/session';

export type BarKind = 'hands' | 'barred' | 'pressure' | 'wash' | 'held';

export interface Bar {
  readonly key: string;
  /** The task behind it; a wash has none. */
  readonly task: string | undefined;
  readonly label: string;
  /** The same where it stands by itself, and is heard: "Borlotti coming up" for "up". */
  readonly called: string;
  readonly from: SessionMinute;
  readonly to: SessionMinute;
  readonly row: number;
  readonly kind: BarKind;
  /** Minutes at which somebody looks. */
  readonly looks: readonly number[];
}

export interface Lane {
  readonly id: string;
  /** A pair of hands, and not a thing. */
  readonly hands?: true;
  readonly name: string;
  readonly note: string;
  readonly rows: number;
  readonly bars: readonly Bar[];
  /** Which dish holds it, from when to when. */
  readonly spans: readonly { readonly from: SessionMinute; readonly to: SessionMinute; readonly dish: string }[];
  /** The oven: where its heat is on. */
  readonly heats?: readonly Heat[];
}

export interface Heat {
  readonly from: SessionMinute;
  readonly to: SessionMinute;
  readonly celsius: number;
  /** Hot enough from then on. */
  readonly readyAt: SessionMinute;
}

/** Whose hands there are, and who does what where that is known. */
export interface Cooks {
  readonly names: readonly string[];
  readonly who: Readonly<Record<string, string>> | undefined;
}

/** What holds one thing at a time, with the name of its lane. */
const SINGLE: readonly { readonly station: string; readonly name: string; readonly note: string }[] = [
  { station: 'jug', name: 'Jug', note: 'blender' },
  { station: 'rice cooker', name: 'Rice cooker', note: 'one filling' },
  { station: 'microwave', name: 'Microwave', note: 'one dish' },
  { station: 'air fryer', name: 'Air fryer', note: 'one basket' },
  { station: 'kettle', name: 'Kettle', note: 'one filling' },
];

/** A plan as lanes: each pair of hands first, then the cookers, the ovens with their racks, the burners, the rest. Minutes, not pixels. */
export function lanesOf({ problem, about }: SessionTasks, plan: Plan, { names, who }: Cooks): readonly Lane[] {
  const start = (id: string) => plan.starts[id] ?? 0;
  const minutes = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const end = (id: string) => start(id) + (minutes.get(id) ?? 0);
  const abouts = problem.tasks.flatMap((task) => about[task.id] ?? []);
  const bar = (task: TaskAbout, row: number): Bar => ({
    key: task.id,
    task: task.id,
    label: task.stage ? stageLabel(task) : task.name,
    called: task.name,
    from: start(task.id),
    to: end(task.id),
    row,
    kind: task.stage === 'hold' ? 'pressure' : task.attention.needs === 'hands' ? 'hands' : 'barred',
    looks: looksOf(task, start(task.id), end(task.id)),
  });
  const washes = plan.washes.map((wash): Bar => {
    const use = problem.uses.find((each) => each.id === wash.after);
    return {
      key: washId(wash.after),
      task: undefined,
      label: washWords(wash.resource),
      called: washWords(wash.resource),
      from: wash.start,
      to: wash.start + (use?.wash ?? 0),
      row: 0,
      kind: 'wash',
      looks: [],
    };
  });

  const work: Bar[] = [
    ...abouts.filter((task) => task.attention.needs === 'hands').map((task) => ({ ...bar(task, 0), label: task.name })),
    ...washes,
  ];
  const laneOfHands = (bars: readonly Bar[], name: string, n: number): Lane => ({
    id: `hands ${n}`,
    hands: true,
    name,
    note: 'both hands',
    rows: 1,
    spans: [],
    bars: bars.map((each) => ({ ...each, row: 0 })),
  });
  const hands = who
    ? [
        ...names.map((name, n) =>
          laneOfHands(
            work.filter(({ key, task }) => who[task ?? key] === name),
            name,
            n,
          ),
        ),
        // What is given to nobody is work all the same.
        ...rowsOf(work.filter(({ key, task }) => !names.includes(who[task ?? key] ?? ''))).map(({ bars }, n) =>
          laneOfHands(bars, 'Given to nobody', names.length + n),
        ),
      ]
    : rowsOf(work).map(({ bars }, n) => laneOfHands(bars, names[n] ?? `Hands ${n + 1}`, n));

  const inUse = (station: string) => problem.uses.filter((use) => use.resource === station);
  const spansOf = (station: string) =>
    inUse(station).map((use) => ({ from: start(use.from), to: end(use.to), dish: about[use.from]?.dish ?? '' }));
  const within = (station: string): Bar[][] =>
    inUse(station).map((use) => {
      const dish = about[use.from]?.batch;
      return abouts
        .filter(
          (task) =>
            task.batch === dish &&
            start(task.id) >= start(use.from) &&
            end(task.id) <= end(use.to) &&
            (task.load === about[use.from]?.load || task.load === 0) &&
            leads(problem.links, use.from, task.id) &&
            leads(problem.links, task.id, use.to),
        )
        .map((task) => bar(task, 0));
    });
  const lanes: Lane[] = [...hands];

  const alone = (station: string, name: string, note: string) => {
    if (inUse(station).length === 0) return;
    lanes.push({
      id: station,
      name,
      note,
      rows: 1,
      spans: spansOf(station),
      bars: [...within(station).flat(), ...washes.filter((wash) => wash.label === washWords(station))],
    });
  };
  const numbered = (kind: string) => problem.resources.map(({ id }) => id).filter((id) => isThing(id, kind));
  for (const id of numbered('cooker')) alone(id, capital(id), 'one insert');

  const standing = racksInPlan(problem, plan, about);
  for (const [n, id] of numbered('oven').entries()) {
    const baking = inUse(id);
    if (baking.length === 0) continue;
    const on = problem.tasks.find((task) => switchesOn(task.id) === n + 1);
    const bars = baking.flatMap((use) =>
      within(id)
        .flat()
        .filter((each) => {
          const task = about[each.task ?? ''];
          return (
            task?.station === 'oven' && task.batch === about[use.from]?.batch && task.load === about[use.from]?.load
          );
        })
        .filter((each, n, all) => all.findIndex(({ key }) => key === each.key) === n)
        .flatMap((each) =>
          (standing.find((each) => each.use === use.id)?.racks ?? []).map((rack, n, all): Bar => ({
            ...each,
            row: rack,
            key: `${each.key} ${n}`,
            label: all.length > 1 ? `${each.label}, tray ${n + 1}` : each.label,
            called: all.length > 1 ? `${each.called}, tray ${n + 1}` : each.called,
          })),
        ),
    );
    // Only racks that are used have a row, the top one first.
    const used = [...new Set(bars.map(({ row }) => row))].sort((a, b) => a - b);
    const racked = bars.map((each) => ({ ...each, row: used.indexOf(each.row) }));
    lanes.push({
      id,
      name: capital(id),
      note: `${used.length} in use`,
      rows: Math.max(1, used.length),
      bars: racked,
      spans: [],
      heats: heatsOf(
        baking.map((use) => ({ from: start(use.from), to: end(use.to), celsius: use.temperature ?? 0 })),
        on ? start(on.id) : 0,
      ),
    });
  }
  const pots = rowsOf(
    within('burner')
      .filter((bars) => bars.length > 0)
      .map((bars) => ({
        bars,
        dish: about[bars[0]?.task ?? '']?.dish ?? '',
        from: Math.min(...bars.map((b) => b.from)),
        to: Math.max(...bars.map((b) => b.to)),
      })),
  );
  pots.forEach(({ bars }, n) =>
    lanes.push({
      id: `burner ${n}`,
      name: pots.length > 1 ? `Burner ${n + 1}` : 'Burner',
      note: about[bars[0]?.bars[0]?.task ?? '']?.unit ?? 'one pot',
      rows: 1,
      spans: bars.map(({ from, to, dish }) => ({ from, to, dish })),
      bars: bars.flatMap((pot) => pot.bars),
    }),
  );
  for (const { station, name, note } of SINGLE) alone(station, name, note);
  return lanes;
}

const washWords = (resource: string) => `wash the ${resourceWords(resource)}`;

/** An oven's heats one after the other: from the end of the one before, or from when it is switched on. */
function heatsOf(
  baking: readonly { readonly from: SessionMinute; readonly to: SessionMinute; readonly celsius: number }[],
  on: number,
): readonly Heat[] {
  const heats: Heat[] = [];
  for (const each of [...baking].sort((a, b) => a.from - b.from)) {
    const last = heats.at(-1);
    if (last?.celsius === each.celsius) heats[heats.length - 1] = { ...last, to: Math.max(last.to, each.to) };
    else heats.push({ from: last?.to ?? on, to: each.to, celsius: each.celsius, readyAt: each.from });
  }
  return heats;
}

const stageLabel = (task: TaskAbout): string =>
  ({
    kettle: 'kettle',
    load: 'load',
    'come up': 'up',
    hold: 'pressure',
    natural: 'release',
    vent: 'vent',
    empty: 'empty',
  })[task.stage ?? 'load'];

function looksOf(task: TaskAbout, from: SessionMinute, to: SessionMinute): readonly number[] {
  if (task.attention.needs !== 'look') return [];
  const { everyMinutes } = task.attention;
  return Array.from(
    { length: Math.max(0, Math.ceil((to - from) / everyMinutes) - 1) },
    (_, n) => from + (n + 1) * everyMinutes,
  );
}

function leads(links: SessionTasks['problem']['links'], from: string, to: string): boolean {
  return from === to || links.some((link) => link.from === from && leads(links, link.to, to));
}

/** Puts spans that overlap into different rows, the first free row first. */
function rowsOf<S extends { readonly from: SessionMinute; readonly to: SessionMinute }>(
  spans: readonly S[],
): readonly { readonly bars: readonly S[] }[] {
  const rows: { until: SessionMinute; bars: S[] }[] = [];
  for (const span of [...spans].sort((a, b) => a.from - b.from || a.to - b.to)) {
    const row = rows.find(({ until }) => until <= span.from);
    if (row) {
      row.bars.push(span);
      row.until = span.to;
    } else rows.push({ until: span.to, bars: [span] });
  }
  return rows;
}
