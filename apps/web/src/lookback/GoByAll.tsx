import { asOwn, waitsToBeUsed } from '@kestrel-ridge/core/learn';
import { ifAllWereUsed, type KitchenView } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { byAllWords, goneByWords, planWithWords } from './byAllWords.ts';
import { changeWords, type Teaching } from './teaches.ts';
import { useSaysOfLearned } from './useSaysOfLearned.ts';

/** What is surer here than the book and not planned with yet: with one tap the next plan goes by all of it. */
export function GoByAll({ view, claimed }: { view: KitchenView; claimed: readonly Teaching[] }) {
  const says = useSaysOfLearned(view);
  const [busy, setBusy] = useState(false);
  const unused = useMemo(
    () =>
      claimed.flatMap(({ what, here, figure }) =>
        figure && waitsToBeUsed(view.kitchen.equipment, figure, view.foods)
          ? [{ what, here, key: figure.key, own: asOwn(figure) }]
          : [],
      ),
    [view, claimed],
  );
  const would = useMemo(
    () => (unused.length > 0 ? changeWords(ifAllWereUsed(view, unused)) : undefined),
    [view, unused],
  );
  if (unused.length === 0) return null;
  const goByAll = async () => {
    setBusy(true);
    try {
      await says.goBy(
        unused,
        goneByWords(
          unused.map(({ what }) => what),
          'kitchen',
        ),
      );
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="go-by-all">
      <p>
        {byAllWords(unused)} {would}
      </p>
      <Button type="primary" loading={busy} onClick={() => void goByAll()}>
        {planWithWords(unused.length)}
      </Button>
    </div>
  );
}
