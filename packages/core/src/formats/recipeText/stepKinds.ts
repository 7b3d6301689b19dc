import { readMethodStep, type MethodStep } from './readMethodStep.ts';

/** What a step may be said to be, where its words were taken otherwise. */
export const STEP_KINDS = ['hands', 'by itself', 'hob', 'oven', 'pressure', 'ahead'] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** What a step was read as. */
export function kindOfStep(step: MethodStep): StepKind {
  if (step.kind !== 'work') return step.kind;
  if (step.station === 'burner' && step.attention.needs !== 'hands') return 'hob';
  if (step.station === 'oven') return 'oven';
  return step.attention.needs === 'hands' ? 'hands' : 'by itself';
}

const SAID: Readonly<Record<StepKind, string>> = {
  hands: 'by hand',
  'by itself': 'left by itself',
  hob: 'simmering by itself on the hob',
  oven: 'by itself in the oven at 200 °C',
  pressure: 'at high pressure, natural release',
  ahead: 'the evening before',
};

/**
 * The words of a step with what it is said to be behind them: it is read so, and its minutes stay what they were.
 * @example saidAs('Beans, 20 minutes.', 'pressure') // "Beans, 20 minutes, at high pressure, natural release."
 */
export const saidAs = (text: string, kind: StepKind): string => `${text.replace(/[.\s]+$/, '')}, ${SAID[kind]}.`;

/** What a step can be said to be: its own words may leave no choice (what bakes is in the oven). */
export const kindsFor = (text: string): readonly StepKind[] =>
  STEP_KINDS.filter((kind) => kindOfStep(readMethodStep(saidAs(text, kind))) === kind);
