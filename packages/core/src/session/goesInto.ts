import type { Equipment } from '../kitchen/index.ts';
import { Fraction, quantityOf, show, times } from '../quantity/index.ts';
import type { ByProduct, Line } from '../recipe/index.ts';
import { perLoad, showAmount, type ScaledBatch, type ScaledLine } from '../scaling/index.ts';
import type { Food } from '../food/index.ts';
import type { Follows, GoesIn } from './taskAbout.ts';

export interface GoesInto {
  /** What goes into a step, for one of so many parts of the batch. */
  readonly goesIn: (step: string, parts: number) => readonly GoesIn[];
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
  const goesIn = (step: string, parts: number): readonly GoesIn[] =>
    scaled.lines
      .filter(({ line }) => line.into.some((into) => into.step === step))
      .map((line) => {
        const share = shareInto(line.line, step);
        const due = times(perLoad(line, parts), share);
        const shown = showAmount(due, line.food, equipment);
        const first = line.first && showAmount(times(due, firstShare(line)), line.food, equipment);
        return {
          line: line.line.id,
          food: line.food.name,
          ...(line.line.form ? { form: line.line.form } : {}),
          amount: shown.first,
          ...(shown.second ? { second: shown.second } : {}),
          ...(share.compare(1) < 0 ? { share: share.toFraction() } : {}),
          ...(first ? { first: first.first } : {}),
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
