import { asOwn, canGoBy, isGoneBy, type LearnedFigure } from '@kestrel-ridge/core/learn';
import { ifAllWereUsed, type KitchenView } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useLearnedQuery } from '../api/api.ts';
import { byAllWords } from './byAllWords.ts';
import { changeWords, teachings } from './teaches.ts';
import { useSaysOfLearned } from './useSaysOfLearned.ts';

/** What is surer here than the book and not planned with yet: with one tap the next plan goes by all of it. */
export function GoByAll({ view }: { view: KitchenView }) {
  const { data } = useLearnedQuery(view.kitchen.id);
  const says = useSaysOfLearned(view);
  const [busy, setBusy] = useState(false);
  const unused = useMemo(
    () =>
      teachings(view, data).claimed.flatMap(({ what, here, figure }) =>
        figure && isUnused(view, figure) ? [{ what, here, key: figure.key, own: asOwn(figure) }] : [],
      ),
    [view, data],
  );
  const would = useMemo(
    () => (unused.length > 0 ? changeWords(ifAllWereUsed(view, unused)) : undefined),
    [view, unused],
  );
  if (unused.length === 0) return null;
  const goByAll = async () => {
    setBusy(true);
    await says.goByAll(unused);
    setBusy(false);
  };
  return (
    <div className="go-by-all">
      <p>
        {byAllWords(unused)} {would}
      </p>
      <Button type="primary" loading={busy} onClick={() => void goByAll()}>
        {unused.length === 1 ? 'Plan with it' : 'Plan with all of them'}
      </Button>
    </div>
  );
}

/** Seen here at least once, something a plan can go by, and not gone by yet. */
const isUnused = (view: KitchenView, figure: LearnedFigure): boolean =>
  canGoBy(figure.key) && figure.n > 0 && !isGoneBy(view.kitchen.equipment, figure.key, asOwn(figure), view.foods);
