import {
  kindOfStep,
  kindsFor,
  saidAs,
  type MethodStep,
  type ReadText,
  type SaidOfText,
  type StepKind,
} from '@kestrel-ridge/core/formats';
import { writtenWords } from '@kestrel-ridge/core/recipe';
import { Button, Select } from 'antd';
import { ovenWords } from '../parts/degrees.ts';

/** The steps of the method, each with what was understood of it; what a plan needs and the text does not say is asked. */
export function MethodRead({
  read: { steps, soak, places, stepsLeftOut },
  mend,
  saySoak,
  sayPlace,
}: {
  read: ReadText;
  mend: (n: number, text: string) => void;
  saySoak: (soak: SaidOfText['soak']) => void;
  /** No step is in this appliance, and that is right. */
  sayPlace: (place: string) => void;
}) {
  return (
    <ol className="read-steps" aria-label="Method as understood">
      {soak !== undefined && (
        <li className="asks">
          {soak}
          <div className="read-doubt">
            <span>Are they soaked before they are cooked?</span>
            <Button size="small" onClick={() => saySoak('soaked')}>
              yes, 8 to 20 h
            </Button>
            <Button size="small" onClick={() => saySoak('as they are')}>
              no, as they are
            </Button>
          </div>
        </li>
      )}
      {places.map((place) => (
        <li key={place} className="asks">
          The text speaks of {/^[aeiou]/.test(place) ? 'an' : 'a'} {place}
          <div className="read-doubt">
            <span>No step below is in it. Say which one is, at the step’s right end.</span>
            <Button size="small" onClick={() => sayPlace(place)}>
              no step is
            </Button>
          </div>
        </li>
      ))}
      {steps.map(({ step, doubt, n, written }, at) => (
        <li key={`${at} ${step.text}`} className={doubt ? 'asks' : undefined}>
          <div className="read-step">
            <span>
              {step.text}
              <small>{stepWords(step)}</small>
            </span>
            {n !== undefined && (
              <Select<StepKind | 'none'>
                size="small"
                variant="borderless"
                aria-label={`What this step is: ${step.text}`}
                value={kindOfStep(step)}
                options={[
                  ...[...new Set([kindOfStep(step), ...kindsFor(written)])].map((kind) => ({
                    value: kind,
                    label: KIND_WORDS[kind],
                  })),
                  { value: 'none' as const, label: 'no step, leave it out' },
                ]}
                popupMatchSelectWidth={false}
                onChange={(kind) => mend(n, kind === 'none' ? '' : saidAs(written, kind))}
              />
            )}
          </div>
          {doubt && n !== undefined && (
            <div className="read-doubt">
              <span>{doubt.question}</span>
              {doubt.choices.map(({ label, text }) => (
                <Button key={label} size="small" onClick={() => mend(n, text)}>
                  {label}
                </Button>
              ))}
            </div>
          )}
        </li>
      ))}
      {stepsLeftOut.map(({ text, n }) => (
        <li key={`out ${n}`} className="left-out">
          <div className="read-step">
            <span>
              {text}
              <small>no step, left out</small>
            </span>
            <Button size="small" type="text" aria-label={`Put back: ${text}`} onClick={() => mend(n, text)}>
              Put back
            </Button>
          </div>
        </li>
      ))}
    </ol>
  );
}

const KIND_WORDS: Readonly<Record<StepKind, string>> = {
  hands: 'hands',
  'by itself': 'by itself',
  hob: 'on the hob',
  oven: 'in the oven',
  pressure: 'at pressure',
  ahead: 'before the session',
};
const HANDS_WORDS = { hands: 'hands', look: 'a look now and then', nobody: 'nobody' } as const;
const span = (from: number, to: number, unit: string): string => `${from === to ? from : `${from} to ${to}`} ${unit}`;

/** "10 min at pressure · natural release", "8 to 20 h before", "20 min · nobody · oven at 200 °C" */
export function stepWords(step: MethodStep): string {
  const { earliest, latest } = step.minutes;
  if (step.kind === 'ahead') {
    if (!step.hours) return 'begun before the session';
    const { least, most } = step.hours;
    // What is done on the day before is followed at once by the next of it.
    return most < 1
      ? `on the day before, ${span(least * 60, most * 60, 'min')}`
      : `begun ${span(least, most, 'h')} before`;
  }
  if (step.kind === 'pressure') {
    const { release } = step;
    const out =
      release?.how === 'timed'
        ? `${release.minutes} min by itself, then vented`
        : release?.how === 'natural'
          ? 'comes down by itself'
          : release?.how === 'quick'
            ? 'vented at once'
            : undefined;
    return [step.timed ? `${span(earliest, latest, 'min')} at pressure` : 'at pressure', ...(out ? [out] : [])].join(
      ' · ',
    );
  }
  if (step.afterwards)
    return `hands · then it stands ${span(step.afterwards.least, step.afterwards.most, 'h')}, after the session`;
  const station = step.station === 'jug' ? 'blender' : step.grill ? 'grill' : step.station;
  return [
    step.off ? `until ${writtenWords(step.off)} less` : step.timed ? span(earliest, latest, 'min') : '5 min, a guess',
    HANDS_WORDS[step.attention.needs],
    ...(station ? [`${station}${step.celsius ? ` at ${ovenWords(step.celsius)}` : ''}`] : []),
  ].join(' · ');
}
