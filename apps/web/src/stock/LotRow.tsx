import { ofBase, show, type Day, type Fraction } from '@kestrel-ridge/core/quantity';
import type { ShelfLot } from '@kestrel-ridge/core/view';
import { untilWords } from '../parts/untilWords.ts';
import { lotAmount, shareLeft } from './lotWords.ts';

const SIGN = { past: '✕', today: '!', soon: '!', later: '', unknown: '' } as const;

/** One lot as one line: name, how much, until when. */
export function LotRow({
  lot,
  today,
  promised,
  open,
  onOpen,
}: {
  lot: ShelfLot;
  today: Day;
  promised: Fraction;
  open: boolean;
  onOpen: () => void;
}) {
  const share = shareLeft(lot);
  const pressing = lot.urgency !== 'later' && lot.urgency !== 'unknown';
  return (
    <li>
      <button
        type="button"
        className={`lot-row ${lot.urgency}${open ? ' open' : ''}`}
        onClick={onOpen}
        aria-expanded={open}
        data-testid={`lot-${lot.food.name}`}
      >
        <span className="lot-name">
          {lot.food.name}
          {pressing && <small>{lot.place.name}</small>}
          {!pressing && lot.state.dates.openedOn && <small>opened</small>}
          {!pressing && lot.state.dates.frozenOn && lot.place.kind === 'freezer' && <small>frozen</small>}
        </span>
        <span className="lot-until">
          {SIGN[lot.urgency] && <i aria-hidden="true">{SIGN[lot.urgency]}</i>}
          {lot.until || lot.urgency !== 'unknown' ? untilWords(lot.until?.value, today, lot.until?.hours) : ''}
        </span>
        <span className="lot-amount number">
          {lot.state.known === 'rough' && <small>about</small>}
          {lotAmount(lot)}
          {promised.compare(0) > 0 && (
            <small>
              {promised.compare(lot.onHand) >= 0
                ? 'all of it promised'
                : `${show(ofBase(lot.state.base, promised))} promised`}
            </small>
          )}
        </span>
        <span className="lot-share" aria-hidden="true">
          {share !== undefined && <i style={{ width: `${Math.round(share * 100)}%` }} />}
        </span>
      </button>
    </li>
  );
}
