import { capital, type MinuteCount } from '@kestrel-ridge/core/quantity';
import type { RunFact } from '@kestrel-ridge/core/run';
import type { GoesIn, TaskAbout } from '@kestrel-ridge/core/session';
import { Button, Input } from 'antd';
import { useMemo, useState } from 'react';
import { writtenWords } from '@kestrel-ridge/core/recipe';
import { addedId } from '@kestrel-ridge/core/run';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { readCorrection, type Correction } from './readCorrection.ts';
import { moreReadWords, workReadWords, insteadReadWords, tickReadWords } from './runWords.ts';

/** "boil swede 20 min": a clock, or with "hands" in it work for hands. Understood as it is typed. */
export function readWork(
  text: string,
): { readonly name: string; readonly minutes: MinuteCount; readonly hands: boolean } | undefined {
  const minutes = /(\d{1,3})\s*(?:min(?:utes)?\b|m\b|')/i.exec(text) ?? /\b(\d{1,3})\s*$/.exec(text);
  if (!minutes) return undefined;
  const n = Number(minutes[1]);
  const hands = /\b(hands?|cut|chop|stir|peel|wash|mix|fold|slice)\b/i.test(text);
  const name = text
    .replace(minutes[0], ' ')
    .replace(/\b(also|for|hands?)\b/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  if (!name || n < 1 || n > 240) return undefined;
  return { name: capital(name), minutes: n, hands };
}

/** What is not ticked yet at the step at hand, by the word for it: "salt" ticks the salt. */
export function readTick(text: string, about: TaskAbout | undefined, ticked: readonly string[]): GoesIn | undefined {
  const word = text.trim().toLowerCase();
  if (word.length < 3) return undefined;
  const open = (about?.goesIn ?? []).filter(({ line }) => !ticked.includes(line));
  const hits = open.filter(({ food }) => food.toLowerCase().startsWith(word));
  return hits.length === 1 ? hits[0] : open.find(({ food }) => food.toLowerCase() === word);
}

/** Something nobody had planned, in one line: work, more of an ingredient or another one; or the name of what just went in, which ticks it. */
export function AddWork({
  kitchen,
  abouts,
  about,
  ticked,
  tap,
}: {
  kitchen: KitchenView;
  abouts: Readonly<Record<string, TaskAbout>>;
  about: TaskAbout | undefined;
  ticked: readonly string[];
  tap: (what: RunFact) => void;
}) {
  const [text, setText] = useState('');
  const send = useCommand();
  const correction = useMemo(() => readCorrection(text, kitchen, abouts, about), [text, kitchen, abouts, about]);
  const read = correction ? undefined : readWork(text);
  const tick = read || correction ? undefined : readTick(text, about, ticked);
  return (
    <form
      className="add-work"
      onSubmit={(event) => {
        event.preventDefault();
        if (correction?.kind === 'more')
          tap({ kind: 'amount', task: correction.task, line: correction.line, plus: correction.plus });
        else if (correction?.kind === 'instead') {
          const { state } = correction.batch;
          const others = (state.choice.swaps ?? []).filter(({ line }) => line !== correction.swap.line);
          // It stays in the line until the server has it: without a line to it, it is said again.
          void send({
            path: `batches/${state.id}/choice`,
            method: 'PUT',
            body: { choice: { ...state.choice, swaps: [...others, correction.swap] }, version: state.version },
            touches: ['week'],
          }).then(({ ok }) => {
            if (ok) setText('');
          });
          return;
        } else if (correction) return;
        else if (tick && about) tap({ kind: 'ticked', task: about.id, line: tick.line });
        else if (read) tap({ kind: 'added', task: addedId(newId()), ...read });
        else return;
        setText('');
      }}
    >
      <Input
        aria-label="Add work in one line"
        placeholder="boil swede 20 min · +1 tsp caraway · out of leeks, used onions"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button htmlType="submit" disabled={!read && !tick && (!correction || correction.kind === 'not so')}>
        {tick ? 'Tick' : correction ? 'Log it' : 'Add'}
      </Button>
      {text.trim() !== '' && (
        <small className="soft">
          {correction
            ? correctionWords(correction)
            : tick
              ? tickReadWords(tick.food, tick.amount)
              : read
                ? workReadWords(read.name, read.minutes, read.hands)
                : 'Say how long, such as “boil swede 20 min”.'}
        </small>
      )}
    </form>
  );
}

function correctionWords(correction: Correction): string {
  switch (correction.kind) {
    case 'more':
      return moreReadWords(writtenWords(correction.plus), correction.food, correction.dish, correction.guessed);
    case 'instead':
      return insteadReadWords(writtenWords(correction.swap.amount), correction.food, correction.was);
    case 'not so':
      return correction.why;
    default:
      return correction satisfies never;
  }
}
