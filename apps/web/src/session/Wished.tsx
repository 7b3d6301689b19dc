import { MINUTE_MS, type Moment, type SessionMinute } from '@kestrel-ridge/core/quantity';
import { NO_WISHES, saysNothing, type Wishes } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { clockAt } from '../parts/times.ts';
import { AddBreak } from './AddBreak.tsx';
import type { PlanResult } from './planSlice.ts';

interface Chip {
  readonly key: string;
  readonly text: string;
  /** For those who do not see what it stands beside. */
  readonly letGo: string;
  readonly without: Wishes;
}

/** What the cook has said about the plan: each can be let go. */
export function Wished({
  wishes,
  say,
  result,
  startMs,
  zone,
}: {
  wishes: Wishes;
  say: (next: Wishes) => void;
  result: Pick<PlanResult, 'tasks' | 'unsaid'>;
  startMs: Moment;
  zone: string;
}) {
  const chips = chipsOf(wishes, result, (minute) => clockAt(startMs + minute * MINUTE_MS, zone));
  return (
    <div className="wished">
      {chips.map(({ key, text, letGo, without }) => (
        <span key={key} className="wish">
          {text}
          <Button size="small" type="text" aria-label={letGo} onClick={() => say(without)}>
            ✕
          </Button>
        </span>
      ))}
      {!saysNothing({ ...wishes, begun: [] }) && (
        <Button size="small" onClick={() => say({ ...NO_WISHES, ...(wishes.begun ? { begun: wishes.begun } : {}) })}>
          Let all go
        </Button>
      )}
      <AddBreak add={(from, minutes) => say({ ...wishes, breaks: [...wishes.breaks, { from, to: from + minutes }] })} />
    </div>
  );
}

function chipsOf(
  wishes: Wishes,
  { tasks, unsaid }: Pick<PlanResult, 'tasks' | 'unsaid'>,
  clock: (minute: SessionMinute) => string,
): readonly Chip[] {
  const about = { ...unsaid.about, ...tasks.about };
  const name = (id: string) => about[id]?.name;
  const without = <T,>(list: readonly T[] | undefined, each: T): readonly T[] =>
    (list ?? []).filter((other) => other !== each);
  const known = (id: string) => about[id] !== undefined;
  return [
    ...Object.entries(wishes.pins)
      .filter(([id]) => known(id))
      .map(([id, minute]): Chip => {
        const { [id]: _gone, ...pins } = wishes.pins;
        return {
          key: `pin ${id}`,
          text: `${name(id)} at ${clock(minute)}`,
          letGo: `Let go of ${name(id)}`,
          without: { ...wishes, pins },
        };
      }),
    ...wishes.breaks.map((rest): Chip => ({
      key: `break ${rest.from}`,
      text: `break ${clock(rest.from)} to ${clock(rest.to)}`,
      letGo: 'Take the break back',
      without: { ...wishes, breaks: without(wishes.breaks, rest) },
    })),
    ...(wishes.orders ?? [])
      .filter(([first, then]) => known(first) && known(then))
      .map((each): Chip => ({
        key: `order ${each.join(' ')}`,
        text: `${name(each[1])} after ${name(each[0])}`,
        letGo: `Let go of the order of ${name(each[1])}`,
        without: { ...wishes, orders: without(wishes.orders, each) },
      })),
    ...Object.entries(wishes.given ?? {})
      .filter(([id]) => known(id))
      .map(([id, person]): Chip => {
        const { [id]: _gone, ...given } = wishes.given ?? {};
        return {
          key: `given ${id}`,
          text: `${name(id)}: ${person}`,
          letGo: `Anybody may do ${name(id)}`,
          without: { ...wishes, given },
        };
      }),
    ...(wishes.together ?? [])
      .filter((ids) => ids.some(known))
      .map((ids): Chip => ({
        key: `together ${ids.join(' ')}`,
        text: `in one go: ${ids.map((id) => about[id]?.dish ?? '').join(', ')}`,
        letGo: 'Cut apart again',
        without: { ...wishes, together: without(wishes.together, ids) },
      })),
    ...(wishes.shared ?? []).filter(known).map((id): Chip => ({
      key: `shared ${id}`,
      text: `two share: ${name(id)}`,
      letGo: `One does ${name(id)}`,
      without: { ...wishes, shared: without(wishes.shared, id) },
    })),
    ...(wishes.ahead ?? []).filter(known).map((id): Chip => ({
      key: `ahead ${id}`,
      text: `the evening before: ${name(id)}`,
      letGo: `Do ${name(id)} on the day`,
      without: { ...wishes, ahead: without(wishes.ahead, id) },
    })),
  ];
}
