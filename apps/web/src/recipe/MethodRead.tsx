import {
  kindOfStep,
  kindsFor,
  saidAs,
  type ReadText,
  type SaidOfText,
  type StepKind,
} from '@kestrel-ridge/core/formats';
import { Button, Select } from 'antd';
import { stepWords, timesWords, unheardWords } from './methodWords.ts';

/** The steps of the method, each with what was understood of it; what a plan needs and the text does not say is asked. */
export function MethodRead({
  read: { steps, soak, places, times, stepsLeftOut },
  mend,
  saySoak,
  sayPlace,
  sayTimes,
}: {
  read: ReadText;
  mend: (key: string, text: string) => void;
  saySoak: (soak: SaidOfText['soak']) => void;
  /** No step is in this appliance, and that is right. */
  sayPlace: (place: string) => void;
  /** The steps are right, whatever the text states of the whole. */
  sayTimes: () => void;
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
      {places.map((place) => {
        const words = unheardWords(place);
        return (
          <li key={place} className="asks">
            {words.names}
            <div className="read-doubt">
              <span>{words.mend}</span>
              <Button size="small" onClick={() => sayPlace(place)}>
                {words.right}
              </Button>
            </div>
          </li>
        );
      })}
      {times && (
        <li className="asks">
          {timesWords(times)}
          <div className="read-doubt">
            <span>Is a time below missing or wrong? Correct it in the text.</span>
            <Button size="small" onClick={sayTimes}>
              the steps are right
            </Button>
          </div>
        </li>
      )}
      {steps.map(({ step, doubt, key, written }) => (
        <li key={`${key} ${step.text}`} className={doubt ? 'asks' : undefined}>
          <div className="read-step">
            <span>
              {step.text}
              <small>{stepWords(step)}</small>
            </span>
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
              onChange={(kind) => mend(key, kind === 'none' ? '' : saidAs(written, kind))}
            />
          </div>
          {doubt && (
            <div className="read-doubt">
              <span>{doubt.question}</span>
              {doubt.choices.map(({ label, text }) => (
                <Button key={label} size="small" onClick={() => mend(key, text)}>
                  {label}
                </Button>
              ))}
            </div>
          )}
        </li>
      ))}
      {stepsLeftOut.map(({ text, key }) => (
        <li key={`out ${key}`} className="left-out">
          <div className="read-step">
            <span>
              {text}
              <small>no step, left out</small>
            </span>
            <Button size="small" type="text" aria-label={`Put back: ${text}`} onClick={() => mend(key, text)}>
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
