import * as v from 'valibot';
import { CAUTION_IDS, FOOD_ROLES } from '../../food/index.ts';
import { LOSS_KG_PER_M2H, MEDIUM_W_PER_M2K } from '../../heat/index.ts';
import { amountText, id, keysOf, list, number, share, text, written } from '../../quantity/schema/index.ts';
import { STATIONS, STEP_NAME_MOST, VESSELS, type Revision, type Step } from '../revision.ts';

/*
 * A recipe's document as it may come from outside: an editor, a paste, a table, another device, a row of the database. What is not named here is left away;
 * what is named and is something else is refused, with the place where it stands.
 */

const minutes = number(0, 20_000);
const celsius = number(0, 600);
const sourced = (least: number, most: number) => v.object({ value: number(least, most), source: text(400) });

const boil = v.picklist(keysOf(LOSS_KG_PER_M2H), 'It is no way to boil.');
const window = v.object({ earliest: minutes, expected: minutes, latest: minutes });
const law = v.variant(
  'law',
  [
    v.object({ law: v.literal('in proportion') }),
    v.object({ law: v.literal('slower'), exponent: number(0, 1) }),
    v.object({ law: v.literal('per load') }),
    v.object({ law: v.literal('to taste'), first: share }),
    v.object({ law: v.literal('pot and minute'), boil, minutes }),
    v.object({
      law: v.literal('water for grain'),
      grain: id,
      packet: v.object({ grainCups: amountText, waterCups: amountText }),
      school: v.exactOptional(v.picklist(['A', 'B', 'C'], 'It is no school of water.')),
      boil: v.exactOptional(boil),
      minutes: v.exactOptional(minutes),
    }),
  ],
  'It follows no law that is known here.',
);

const shareOf = v.object({ step: id, share });
const line = v.object({
  id,
  food: id,
  amount: written,
  law,
  form: v.exactOptional(text(200)),
  prepared: v.exactOptional(v.boolean()),
  becomes: v.exactOptional(sourced(0, 20)),
  optional: v.exactOptional(v.boolean()),
  comesOut: v.exactOptional(v.boolean()),
  between: v.exactOptional(v.object({ from: written, to: written })),
  slot: v.exactOptional(v.object({ role: v.picklist(FOOD_ROLES, 'It is no role of a food.'), allowed: list(id) })),
  into: list(shareOf, 60),
});

const stepBase = {
  id,
  name: text(STEP_NAME_MOST),
  after: list(v.object({ step: id, min: minutes, max: v.nullable(minutes) }), 60),
  per: v.picklist(['batch', 'load'], 'It is done neither once nor for each load.'),
  cue: v.exactOptional(text(400)),
  note: v.exactOptional(text(400)),
  cautions: v.exactOptional(list(v.picklist(CAUTION_IDS, 'It is no caution that is known here.'), 40)),
  gives: v.exactOptional(
    list(
      v.object({
        name: text(120),
        amount: written,
        goes: v.variant('to', [
          v.object({ to: v.literal('step'), step: id }),
          v.object({ to: v.literal('shelf'), keepsDays: sourced(0, 3650) }),
          v.object({ to: v.literal('away') }),
        ]),
      }),
      20,
    ),
  ),
};
const time = v.variant(
  'law',
  [
    v.object({ law: v.literal('fixed'), minutes: window }),
    v.object({ law: v.literal('by amount'), minutes, perKg: number(0, 2000) }),
    v.object({
      law: v.literal('by piece size'),
      minutes: window,
      atCm: number(0.1, 60),
      cm: number(0.1, 60),
      medium: v.picklist(keysOf(MEDIUM_W_PER_M2K), 'Nothing carries its heat.'),
    }),
    v.object({ law: v.literal('by load'), minutes, perLoad: minutes }),
    v.object({ law: v.literal('boils down'), off: written, boil }),
  ],
  'Its time follows no law that is known here.',
);
const step = v.variant(
  'kind',
  [
    v.object({
      kind: v.literal('work'),
      ...stepBase,
      time,
      attention: v.variant('needs', [
        v.object({ needs: v.literal('hands') }),
        v.object({ needs: v.literal('look'), everyMinutes: number(0.25, 600) }),
        v.object({ needs: v.literal('nobody') }),
      ]),
      delicate: v.exactOptional(v.boolean()),
      stopAt: v.exactOptional(number(0.05, 1)),
    }),
    v.object({
      kind: v.literal('pressure'),
      ...stepBase,
      hold: window,
      release: v.variant('how', [
        v.object({ how: v.literal('natural') }),
        v.object({ how: v.literal('timed'), minutes }),
        v.object({ how: v.literal('quick') }),
      ]),
      water: v.picklist(['kettle', 'tap']),
    }),
    v.object({
      kind: v.literal('ahead'),
      ...stepBase,
      hours: v.object({ least: number(0, 400), most: number(0, 400) }),
    }),
  ],
  'It is no kind of step that is known here.',
);
const steps = list(step, 120);
const vessel = v.picklist(VESSELS, 'It is no vessel that is known here.');
const uses = list(
  v.object({
    station: v.picklist(STATIONS, 'It is no station that is known here.'),
    from: id,
    to: id,
    wash: v.exactOptional(minutes),
    group: v.exactOptional(text(120)),
    celsius: v.exactOptional(celsius),
    toleranceC: v.exactOptional(celsius),
    grill: v.exactOptional(v.boolean()),
  }),
);
const changes = list(
  v.object({
    line: id,
    food: v.exactOptional(id),
    amount: v.exactOptional(written),
    law: v.exactOptional(law),
    form: v.exactOptional(text(200)),
    becomes: v.exactOptional(sourced(0, 20)),
    into: v.exactOptional(list(shareOf, 60)),
  }),
);

export const REVISION = v.object({
  name: text(200),
  portions: number(0.25, 1000),
  component: v.object({
    id,
    name: text(120),
    kind: v.picklist(['grain', 'legume', 'roots', 'sauce', 'greens', 'dish'], 'It is no kind of dish.'),
    fridgeDays: sourced(0, 3650),
    freezerDays: sourced(0, 3650),
    cupboardDays: v.exactOptional(sourced(0, 3650)),
    eatenCold: v.exactOptional(v.boolean()),
    beforeEating: text(400),
  }),
  vessel,
  methodName: v.exactOptional(text(120)),
  methods: v.exactOptional(list(v.object({ id, name: text(120), vessel, steps, uses, lines: changes }), 20)),
  versionName: v.exactOptional(text(120)),
  versions: v.exactOptional(
    list(v.object({ id, name: text(120), lines: changes, without: list(id), skips: list(id) }), 20),
  ),
  unit: v.exactOptional(
    v.object({
      name: v.picklist(['wrap', 'bowl', 'box', 'plate']),
      perDish: v.exactOptional(number(1, 1000)),
      perPan: v.exactOptional(number(1, 1000)),
    }),
  ),
  pan: v.exactOptional(
    v.variant('shape', [
      v.object({ shape: v.literal('rectangle'), lengthCm: number(1, 200), widthCm: number(1, 200) }),
      v.object({ shape: v.literal('round'), acrossCm: number(1, 200) }),
    ]),
  ),
  lines: list(line),
  steps,
  uses,
});

type Read = v.InferOutput<typeof REVISION>;
type Frozen<T> = T extends object ? { readonly [K in keyof T]: Frozen<T[K]> } : T;
/** The schema and the type say the same: a field that one of them lacks does not compile. */
type Says<T extends U, U> = T;
export type SchemaIsType = [
  Says<Read, Revision>,
  Says<Revision, Frozen<Read>>,
  Says<Step, Frozen<Read['steps'][number]>>,
];
