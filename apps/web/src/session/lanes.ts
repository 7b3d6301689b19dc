import { OVEN_ON, type Plan, type SessionTasks, type TaskAbout } from '@kestrel-ridge/core/session';

export type BarKind = 'hands' | 'barred' | 'pressure' | 'wash' | 'held';

export interface Bar {
  readonly key: string;
  /** The task behind it; a wash has none. */
  readonly task: string | undefined;
  readonly label: string;
  readonly from: number;
  readonly to: number;
  readonly row: number;
  readonly kind: BarKind;
  /** Minutes at which somebody looks. */
  readonly looks: readonly number[];
}

export interface Lane {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly rows: number;
  readonly bars: readonly Bar[];
  /** Which dish holds it, from when to when. */
  readonly spans: readonly { readonly from: number; readonly to: number; readonly dish: string }[];
  /** The oven: where its heat is on. */
  readonly heat?: { readonly from: number; readonly to: number; readonly celsius: number; readonly readyAt: number };
}

/** A plan as lanes: each pair of hands first, then the cooker, the oven with its racks, the burners, the jug. Minutes, not pixels. */
export function lanesOf({ problem, about }: SessionTasks, plan: Plan, cookName: string): readonly Lane[] {
  const start = (id: string) => plan.starts[id] ?? 0;
  const minutes = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const end = (id: string) => start(id) + (minutes.get(id) ?? 0);
  const abouts = problem.tasks.flatMap((task) => about[task.id] ?? []);
  const bar = (task: TaskAbout, row: number): Bar => ({
    key: task.id,
    task: task.id,
    label: task.stage ? stageLabel(task) : task.name,
    from: start(task.id),
    to: end(task.id),
    row,
    kind: task.stage === 'hold' ? 'pressure' : task.attention.needs === 'hands' ? 'hands' : 'barred',
    looks: looksOf(task, start(task.id), end(task.id)),
  });
  const washes = plan.washes.map((wash): Bar => {
    const use = problem.uses.find((each) => each.id === wash.after);
    return {
      key: `wash ${wash.after}`,
      task: undefined,
      label: `wash the ${wash.resource}`,
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
  const hands = rowsOf(work).map(({ bars }, n): Lane => ({
    id: `hands ${n}`,
    name: problem.cooks === 1 ? cookName : `${cookName} ${n + 1}`,
    note: 'both hands',
    rows: 1,
    spans: [],
    bars: bars.map((each) => ({ ...each, row: 0 })),
  }));

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

  if (inUse('cooker').length > 0)
    lanes.push({
      id: 'cooker',
      name: 'Cooker',
      note: 'one insert',
      rows: 1,
      spans: spansOf('cooker'),
      bars: [...within('cooker').flat(), ...washes.filter((wash) => wash.label.endsWith('cooker'))],
    });

  const baking = inUse('oven');
  if (baking.length > 0) {
    const heat = baking[0]?.temperature ?? 0;
    const on = start(OVEN_ON);
    const bars = abouts
      .filter((task) => task.station === 'oven')
      .flatMap((task) => {
        const use = baking.find(
          (each) => about[each.from]?.batch === task.batch && about[each.from]?.load === task.load,
        );
        return Array.from({ length: use?.units ?? 1 }, (_, n): Bar => ({
          ...bar(task, n),
          key: `${task.id} ${n}`,
          label: (use?.units ?? 1) > 1 ? `${task.name}, tray ${n + 1}` : task.name,
        }));
      });
    lanes.push({
      id: 'oven',
      name: 'Oven',
      note: `${Math.max(...bars.map((each) => each.row + 1))} in use`,
      rows: Math.max(1, ...bars.map((each) => each.row + 1)),
      bars,
      spans: [],
      heat: {
        from: on,
        to: Math.max(...baking.map((use) => end(use.to))),
        celsius: heat,
        readyAt: Math.min(...baking.map((use) => start(use.from))),
      },
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
      note: 'one pot',
      rows: 1,
      spans: bars.map(({ from, to, dish }) => ({ from, to, dish })),
      bars: bars.flatMap((pot) => pot.bars),
    }),
  );
  if (inUse('jug').length > 0)
    lanes.push({
      id: 'jug',
      name: 'Jug',
      note: 'blender',
      rows: 1,
      spans: spansOf('jug'),
      bars: [...within('jug').flat(), ...washes.filter((wash) => wash.label.endsWith('jug'))],
    });
  return lanes;
}

const stageLabel = (task: TaskAbout): string =>
  ({ load: 'load', 'come up': 'up', hold: 'pressure', natural: 'release', vent: 'vent', empty: 'empty' })[
    task.stage ?? 'load'
  ];

function looksOf(task: TaskAbout, from: number, to: number): readonly number[] {
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
function rowsOf<S extends { readonly from: number; readonly to: number }>(
  spans: readonly S[],
): readonly { readonly bars: readonly S[] }[] {
  const rows: { until: number; bars: S[] }[] = [];
  for (const span of [...spans].sort((a, b) => a.from - b.from || a.to - b.to)) {
    const row = rows.find(({ until }) => until <= span.from);
    if (row) {
      row.bars.push(span);
      row.until = span.to;
    } else rows.push({ until: span.to, bars: [span] });
  }
  return rows;
}
