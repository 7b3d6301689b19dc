import { MINUTE_MS, dayAt } from '@kestrel-ridge/core/quantity';
import { Button } from 'antd';
import { Link } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { bowlsAtOnce, type KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { giveCalendar } from '../parts/calendarFile.ts';
import { clockAt, dayName } from '../parts/times.ts';
import { useMinute } from '../session/useMinute.ts';
import { EveningList } from './EveningList.tsx';
import { eveningEvent, eveningItems } from './eveningItems.ts';
import { nextAheadWords } from './weekWords.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

export default function EveningPage() {
  return <WithKitchen>{(view) => <Evening view={view} />}</WithKitchen>;
}

/** The evening before, and every evening: what is soaked, thawed, pressed or left to set, with clock times. */
function Evening({ view }: { view: KitchenView }) {
  const now = useMinute();
  const items = eveningItems(view, now);
  const [first] = items;
  const bowls = bowlsAtOnce(items.flatMap(({ lead }) => (lead ? [lead] : [])));
  const { zone } = view.kitchen.equipment;
  const day = dayAt(new Date(first?.at ?? now), zone);
  return (
    <main className="page">
      <div className="page-head">
        <h1>
          {first
            ? first.at <= now + MINUTE_MS
              ? `Now: ${first.what}`
              : nextAheadWords(clockAt(first.at, zone), first.what, day === view.today ? undefined : dayName(day))
            : 'Nothing has to be done ahead'}
        </h1>
        <p>
          Soaks, boxes out of the freezer, what presses or sets: as late as it may be, with the time a block needs.
          Thawed in the fridge it keeps up to three days; on the worktop nothing is thawed.
          {bowls > 1 && ` ${bowls} soak at the same time: each in a bowl of its own.`}
        </p>
      </div>
      {items.length === 0 ? (
        <Empty title="No soak and no frozen box is due in these seven days">
          <p>When a meal counts on a frozen box, or a dish on a soak, its evening stands here.</p>
          <Link to="/week">To the week</Link>
        </Empty>
      ) : (
        <>
          <EveningList view={view} items={items} now={now} />
          <div className="give-row" style={{ marginTop: 20 }}>
            <Button
              onClick={() =>
                void giveCalendar(
                  `evenings-${view.today}.ics`,
                  `Evenings, ${view.kitchen.name}`,
                  items.map(eveningEvent),
                )
              }
            >
              Calendar
            </Button>
            <Button onClick={() => window.print()}>Print</Button>
            <LinkButton to="/freezer">The freezer by bin</LinkButton>
          </div>
        </>
      )}
    </main>
  );
}
