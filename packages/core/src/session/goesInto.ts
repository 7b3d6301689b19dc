import type { Equipment } from '../kitchen/index.ts';
import { Fraction, inBase, ofBase, quantityOf, show, times, type Quantity } from '../quantity/index.ts';
import type { ByProduct, Line } from '../recipe/index.ts';
import { perLoad, showAmount, showFirst, type ScaledBatch, type ScaledLine } from '../scaling/index.ts';
import type { Food } from '../food/index.ts';
import type { Follows, GoesIn } from './taskAbout.ts';

export interface GoesInto {
  /** What goes into a step, for one of so many parts of the batch: which of them, from 1; 0: it is done once. */
  readonly goesIn: (step: string, parts: number, load: number) => readonly GoesIn[];
  /** What an earlier step gave and this one takes. */
  readonly keptInto: (step: string, parts: number) => readonly GoesIn[];
  /** Kilos that go into a step, water aside. */
  readonly kilos: (step: string, parts: number) => number;
  /** Millilitres of water that go into a step. */
  readonly water: (step: string, parts: number) => number;
  readonly amountOf: (gives: ByProduct, parts: number) => string;
  readonly stepName: (step: string) => string;
}

/** What goes into each step of a batch, in measures that this kitchen owns. */
export function goesInto(scaled: ScaledBatch, equipment: Equipment): GoesInto {
  const { recipe } = scaled;
  const doses = new Map<string, readonly Dose[]>();
  const dosesFor = (line: ScaledLine): readonly Dose[] => {
    const known = doses.get(line.line.id) ?? dosesOf(line, scaled, equipment);
    doses.set(line.line.id, known);
    return known;
  };
  const goesIn = (step: string, parts: number, load: number): readonly GoesIn[] =>
    scaled.lines
      .filter(({ line }) => line.into.some((into) => into.step === step))
      .map((line) => {
        const share = shareInto(line.line, step);
        const known = dosesFor(line).find((dose) => dose.step === step && dose.load === load);
        const due = known?.due ?? times(perLoad(line, parts), share);
        const shown = showAmount(due, line.food, equipment);
        const first = line.first && showFirst(due, times(due, firstShare(line)), line.food, equipment);
        return {
          line: line.line.id,
          food: line.food.name,
          ...(line.line.form ? { form: line.line.form } : {}),
          amount: shown.first,
          ...(shown.second ? { second: shown.second } : {}),
          ...(share.compare(1) < 0 ? { share: share.toFraction() } : {}),
          ...(first ? { first: first.first } : {}),
          ...(known?.off === undefined ? {} : { off: known.off }),
          comesOut: line.line.comesOut ?? false,
          follows: followsLater(line.food),
        };
      });
  const given = recipe.steps.flatMap((from) => (from.gives ?? []).map((gives) => ({ from, gives })));
  const amountOf = (gives: ByProduct, parts: number) => show(times(quantityOf(gives.amount), scaled.factor.div(parts)));
  const keptInto = (step: string, parts: number): readonly GoesIn[] =>
    given
      .filter(({ gives: { goes } }) => goes.to === 'step' && goes.step === step)
      .map(({ from, gives }) => ({
        line: `${from.id}/${gives.name}`,
        food: gives.name,
        form: 'kept from before',
        amount: amountOf(gives, parts),
        comesOut: false,
        follows: 'stir in',
      }));
  const stepName = (wanted: string) => recipe.steps.find((step) => step.id === wanted)?.name ?? wanted;
  const kilos = (step: string, parts: number): number =>
    scaled.lines
      .filter(({ line, food }) => food.facts.kind !== 'water' && line.into.some((into) => into.step === step))
      .reduce(
        (sum, { line, grams }) => sum + ((grams?.g.valueOf() ?? 0) / 1000 / parts) * shareInto(line, step).valueOf(),
        0,
      );
  const water = (step: string, parts: number): number =>
    scaled.lines
      .filter(({ line, food }) => food.facts.kind === 'water' && line.into.some((into) => into.step === step))
      .reduce((sum, { line, grams }) => sum + ((grams?.g.valueOf() ?? 0) / parts) * shareInto(line, step).valueOf(), 0);
  return { goesIn, keptInto, kilos, water, amountOf, stepName };
}

/** One measuring of a line: for a step, and of which load. */
interface Dose {
  readonly step: string;
  readonly load: number;
  readonly due: Quantity;
  /** With the last: by what share of the whole all of them together miss it, where that is more than is stated. */
  readonly off?: number;
}

/** What is measured load by load and step by step comes to the whole within this share, or it is said. Common practice, no published source. */
export const DOSES_WITHIN = 0.03;

/** All measurings of a line in the order of its steps. The spoons of this kitchen round each of them: the last makes up for it, so that they come to the whole. */
function dosesOf(line: ScaledLine, { recipe, loads }: ScaledBatch, equipment: Equipment): readonly Dose[] {
  const whole = line.amount.value;
  const all = recipe.steps.flatMap((step) => {
    const share = shareInto(line.line, step.id);
    if (share.compare(0) === 0) return [];
    const n = step.per === 'load' && step.kind !== 'ahead' ? loads.value.loads : 1;
    return Array.from({ length: n }, (_, at) => ({
      step: step.id,
      load: step.per === 'load' && step.kind !== 'ahead' ? at + 1 : 0,
      due: times(whole, share.div(n)),
    }));
  });
  if (all.length < 2) return all;
  const base = whole.kind === 'mass' ? 'g' : whole.kind === 'volume' ? 'mL' : 'each';
  const measuredOf = (due: Quantity) => inBase(showAmount(due, line.food, equipment).measured);
  const before = all.slice(0, -1).reduce((sum, { due }) => sum.add(measuredOf(due)), new Fraction(0));
  const rest = inBase(whole).sub(before);
  return all.map((dose, n): Dose => {
    if (n < all.length - 1) return dose;
    const due = rest.compare(0) > 0 ? ofBase(base, rest) : dose.due;
    const off = before.add(measuredOf(due)).div(inBase(whole)).sub(1).valueOf();
    return { ...dose, due, ...(Math.abs(off) > DOSES_WITHIN ? { off } : {}) };
  });
}

/** The share of a line that a step takes. */
const shareInto = (line: Line, step: string): Fraction =>
  line.into
    .filter((into) => into.step === step)
    .reduce((sum, into) => sum.add(new Fraction(into.share)), new Fraction(0));

/** To taste: what share goes in before the first tasting. */
const firstShare = ({ line }: ScaledLine): Fraction =>
  line.law.law === 'to taste' ? new Fraction(line.law.first) : new Fraction(1);

/** Grain and legumes need the whole time and liquid cannot come later into a sealed pot; what is cut can be cooked apart; the rest is stirred in at the end. Common practice, no published source. */
const followsLater = ({ facts }: Food): Follows => {
  if (facts.kind === 'grain' || facts.kind === 'legume' || facts.kind === 'water') return 'not later';
  return facts.kind === 'vegetable' || facts.kind === 'leaf' ? 'cook apart' : 'stir in';
};
