import { LIMITS } from '@kestrel-ridge/core/formats';
import { inOneGo, canBeAhead, canBeShared, type Wishes } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { useState } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { duration } from '../parts/times.ts';
import { trier } from './planner.ts';
import type { PlanResult } from './planSlice.ts';
import { openOf } from '@kestrel-ridge/core/view';
import { tryOut, type Thing, type WhatIf } from './whatIf.ts';
import { cutInOneGoWords } from './sessionWords.ts';
import { counted } from '@kestrel-ridge/core/quantity';

interface Way {
  readonly words: string;
  readonly what: WhatIf;
  /** Said so, it is done. */
  readonly wishes?: Wishes;
  readonly lacks?: string;
}

interface Found extends Way {
  readonly saves: number;
}

const THINGS: Readonly<Record<Thing, string>> = {
  kettle: 'a kettle',
  rack: 'one more rack in the oven',
  cooker: 'a second sealed cooker',
  oven: 'a second oven',
  pot: 'another large pot',
  strainer: 'another strainer',
};
/** Less is not worth a line. */
const WORTH = 2;
const MOST = 6;

/** What would shorten the day most: something said, one cook more, a thing for the kitchen, a dish less. */
export function Shorten({
  view,
  result,
  wishes,
  say,
}: {
  view: KitchenView;
  result: PlanResult;
  wishes: Wishes;
  say: (next: Wishes) => void;
}) {
  const [found, setFound] = useState<{ readonly of: string; readonly ways: readonly Found[] }>();
  const [busy, setBusy] = useState<number>();
  const look = async () => {
    const ways = waysOf(view, result, wishes);
    const saved: Found[] = [];
    for (const [n, way] of ways.entries()) {
      setBusy(n / ways.length);
      const tried = tryOut(view, way.what, wishes);
      if (!tried || tried.tasks.faults.length > 0 || tried.tasks.problem.tasks.length === 0) continue;
      const planned = await trier()
        .tried(tried.asked)
        .catch(() => undefined);
      if (planned) saved.push({ ...way, saves: result.plan.makespan - planned.plan.makespan });
    }
    setFound({
      of: result.fingerprint,
      ways: saved
        .filter(({ saves }) => saves >= WORTH)
        .sort((a, b) => b.saves - a.saves)
        .slice(0, MOST),
    });
    setBusy(undefined);
  };
  const ways = found?.of === result.fingerprint ? found.ways : undefined;
  return (
    <section className="shorten" aria-label="What would shorten the day">
      <h2>What would shorten the day</h2>
      {!ways ? (
        <Button loading={busy !== undefined} onClick={() => void look()}>
          {busy === undefined ? 'Find savings' : `Trying it out, ${Math.round(busy * 100)} %`}
        </Button>
      ) : ways.length === 0 ? (
        <p>Nothing that is tried here: no thing, no cook more and no dish less.</p>
      ) : (
        <ul>
          {ways.map(({ words, saves, wishes: said, lacks }) => (
            <li key={words}>
              <b className="number">−{duration(saves)}</b> {words}
              {lacks && <small className="soft">; {lacks}</small>}
              {said && (
                <Button size="small" onClick={() => say(said)}>
                  Do it so
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function waysOf(view: KitchenView, { tasks }: PlanResult, wishes: Wishes): readonly Way[] {
  const said = (words: string, next: Wishes): Way => ({ words, what: { if: 'said', wishes: next }, wishes: next });
  const cooks = tasks.problem.cooks;
  const name = (id: string) => tasks.about[id]?.name ?? id;
  return [
    ...inOneGo(tasks).map((offer) =>
      said(cutInOneGoWords(offer.food, offer.dishes), {
        ...wishes,
        together: [...(wishes.together ?? []), offer.tasks],
      }),
    ),
    ...tasks.problem.tasks
      .filter(({ id }) => canBeShared(tasks, id))
      .map(({ id }) => said(`two share: ${name(id)}`, { ...wishes, shared: [...(wishes.shared ?? []), id] })),
    ...tasks.problem.tasks
      .filter(({ id }) => canBeAhead(tasks, id))
      .map(({ id }) => said(`the evening before: ${name(id)}`, { ...wishes, ahead: [...(wishes.ahead ?? []), id] })),
    ...(cooks < LIMITS.cooks[1] ? [{ words: 'one cook more', what: { if: 'cooks' as const, cooks: cooks + 1 } }] : []),
    ...(Object.keys(THINGS) as Thing[]).map((thing) => ({
      words: THINGS[thing],
      what: { if: 'with' as const, thing },
    })),
    ...openOf(view).map(({ state, recipe, scaled }) => ({
      words: `without ${recipe.document.component.name}`,
      what: { if: 'without dish' as const, batch: state.id },
      lacks: `the week then lacks ${counted(Math.round(scaled.portions.valueOf()), 'portion')}`,
    })),
  ];
}
