import { dayAt, MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import { Button } from 'antd';
import { aheadKey } from '@kestrel-ridge/core/session';
import type { KitchenView, Lead } from '@kestrel-ridge/core/view';
import { Cautions } from '../app/Cautions.tsx';
import { clockAt, dateWords, longDayName } from '../parts/times.ts';
import { useWishes } from '../session/useWishes.ts';
import { useMoveLot } from '../stock/useMoveLot.ts';
import type { EveningItem } from './eveningItems.ts';
import './evening.css';

/** What is done ahead, by day and clock; a box that is taken out is moved on the shelf with the same tap. */
export function EveningList({
  view,
  items,
  now,
  heading: Day = 'h2',
}: {
  view: KitchenView;
  items: readonly EveningItem[];
  now: Moment;
  /** How deep under other headings it stands. */
  heading?: 'h2' | 'h3';
}) {
  const thaw = useMoveLot(view, 'fridge');
  const { zone } = view.kitchen.equipment;
  const days = [...new Set(items.map(({ at }) => dayAt(new Date(at), zone)))];
  return (
    <>
      {days.map((day) => (
        <section key={day} className="evening-day" aria-label={`${longDayName(day)}, ${dateWords(day)}`}>
          <Day>{day === view.today ? 'Today' : `${longDayName(day)}, ${dateWords(day)}`}</Day>
          <ul className="row-list">
            {items
              .filter(({ at }) => dayAt(new Date(at), zone) === day)
              .map(({ key, at, what, detail, lot, lead, late, cautions }) => (
                <li key={key} className="evening-item">
                  <b className="number">{at <= now + MINUTE_MS ? 'now' : clockAt(at, zone)}</b>
                  <div>
                    <strong>{what}</strong>
                    <span className="soft">{detail}</span>
                    {late && <span className="cannot">{late}</span>}
                    <Cautions ids={cautions} />
                  </div>
                  {lead && <HasBegun lead={lead} />}
                  {lot && thaw && <Button onClick={() => thaw(lot)}>Moved to the fridge</Button>}
                </li>
              ))}
          </ul>
        </section>
      ))}
    </>
  );
}

/** Said of a step ahead: it leaves the lists, and its session knows it. */
function HasBegun({ lead: { ahead, session } }: { lead: Lead }) {
  const { wishes, say } = useWishes(session);
  return <Button onClick={() => say({ ...wishes, begun: [...(wishes.begun ?? []), aheadKey(ahead)] })}>Started</Button>;
}
