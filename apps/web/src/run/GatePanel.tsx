import {
  LOOSENED,
  gateWords,
  takenOut,
  type GateChoice,
  type ReadBack,
  type RunFact,
  type Unticked,
} from '@kestrel-ridge/core/run';
import type { TaskAbout } from '@kestrel-ridge/core/session';
import type { LeftOutMeans } from '@kestrel-ridge/core/view';
import { Button, Radio } from 'antd';
import { useState } from 'react';
import { gramsText } from '../parts/gramsText.ts';
import { leftOutMeansWords } from './runWords.ts';

const LATER: Readonly<Record<Unticked['into']['follows'], string | undefined>> = {
  'stir in': 'later, stirred in',
  'cook apart': 'later, cooked apart',
  'not later': undefined,
};

/** Before a point of no return: what is not ticked is read back, with what can still follow; what went in whole must be out, what stuck must be loose. */
export function GatePanel({
  readBack: { gate, missing, comesOut, loosen },
  task,
  means,
  answer,
  back,
}: {
  readBack: ReadBack;
  /** At whose end it stands. */
  task: TaskAbout;
  /** What the dish is without some of its lines; undefined where it is not known here. */
  means: (leftOut: readonly { readonly task: string; readonly line: string }[]) => LeftOutMeans | undefined;
  answer: (answers: readonly RunFact[]) => void;
  back: () => void;
}) {
  const keyOf = ({ task, into }: Unticked) => `${task} ${into.line}`;
  const [chosen, setChosen] = useState<Readonly<Record<string, GateChoice>>>({});
  const [out, setOut] = useState(comesOut.length === 0);
  const [loose, setLoose] = useState(loosen === undefined);
  const told = missing.every((each) => chosen[keyOf(each)] !== undefined);
  const facts = (choice: (each: Unticked) => GateChoice): readonly RunFact[] => [
    ...missing.flatMap((each): RunFact[] =>
      choice(each) === 'went in'
        ? [{ kind: 'ticked', task: each.task, line: each.into.line }]
        : [{ kind: 'gate', task: each.task, line: each.into.line, choice: choice(each) }],
    ),
    ...(loosen === undefined ? [] : [{ kind: 'ticked', task: task.id, line: LOOSENED } as const]),
    ...[...new Set(comesOut.map(({ into }) => into.line))].map((line): RunFact => ({
      kind: 'ticked',
      task: task.id,
      line: takenOut(task.batch ?? '', line, task.load),
    })),
  ];
  const leftOut = missing.filter((each) => chosen[keyOf(each)] === 'left out');
  const without =
    leftOut.length > 0 ? means(leftOut.map(({ task: at, into }) => ({ task: at, line: into.line }))) : undefined;
  const ready = out && loose;
  return (
    <section
      className="gate"
      role="alertdialog"
      aria-label={missing.length > 0 ? `Not ticked, ${gateWords(gate)}` : `Once more, ${gateWords(gate)}`}
    >
      {missing.length > 0 && (
        <>
          <h3>Not ticked, {gateWords(gate)}</h3>
          <ul>
            {missing.map((each) => (
              <li key={keyOf(each)}>
                <span>
                  <b>{each.into.food}</b> {each.into.amount}
                </span>
                <Radio.Group
                  aria-label={each.into.food}
                  optionType="button"
                  value={chosen[keyOf(each)] ?? null}
                  onChange={({ target }) =>
                    setChosen({ ...chosen, [keyOf(each)]: (target as { value: GateChoice }).value })
                  }
                  options={[
                    { value: 'went in', label: 'it went in' },
                    ...(LATER[each.into.follows] && gate !== 'boxes'
                      ? [{ value: 'later', label: LATER[each.into.follows] }]
                      : []),
                    { value: 'left out', label: 'left out' },
                  ]}
                />
              </li>
            ))}
          </ul>
        </>
      )}
      {without && (
        <p className="run-text" role="status">
          {withoutWords(
            leftOut.map(({ into }) => into.food),
            without,
          )}
        </p>
      )}
      {comesOut.length > 0 && (
        <Button
          size="large"
          aria-pressed={out}
          type={out ? 'default' : 'primary'}
          onClick={() => setOut(!out)}
          className="gate-out"
        >
          {out ? 'Out: ' : 'Take out: '}
          {[...new Set(comesOut.map(({ into }) => `${into.food} ${into.amount}`))].join(', ')}
        </Button>
      )}
      {loosen !== undefined && (
        <>
          <p className="run-text">
            “{loosen}” leaves a paste on the base. It burns under pressure and the pin does not rise: loosen all of it
            with liquid first.
          </p>
          <Button
            size="large"
            aria-pressed={loose}
            type={loose ? 'default' : 'primary'}
            onClick={() => setLoose(!loose)}
            className="gate-out"
          >
            {loose ? 'The base is loose' : 'Loosened? Scrape the base clean'}
          </Button>
        </>
      )}
      <div className="now-actions">
        {missing.length > 0 && !told ? (
          <Button
            type="primary"
            className="run-done"
            data-hands-on-to="step"
            disabled={!ready}
            onClick={() => answer(facts(() => 'went in'))}
          >
            All of it went in{gate === 'lid' && ', lid on, seal set'}
          </Button>
        ) : (
          <Button
            type="primary"
            className="run-done"
            data-hands-on-to="step"
            disabled={!ready}
            onClick={() => answer(facts((each) => chosen[keyOf(each)] ?? 'went in'))}
          >
            {gate === 'lid' ? 'Lid on, seal set' : 'Go on'}
          </Button>
        )}
        <Button size="large" onClick={back}>
          Back
        </Button>
      </div>
    </section>
  );
}

/** What it means to leave these out, in words. */
const withoutWords = (foods: readonly string[], { portions, portionG, proteinG, freeOf }: LeftOutMeans): string =>
  leftOutMeansWords(foods, {
    portions,
    weighs: [gramsText(portionG[0]), gramsText(portionG[1])],
    proteinG: [rounded(proteinG[0]), rounded(proteinG[1])],
    freeOf,
  });
const rounded = (n: number | undefined): number | undefined => (n === undefined ? undefined : Math.round(n));
