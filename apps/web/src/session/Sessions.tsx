import { Button, Segmented, Select } from 'antd';
import { dayAt, type Day, DAY_MS } from '@kestrel-ridge/core/quantity';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { useChangeSession } from './useChangeSession.ts';
import { sessionChosen } from '../app/chosenSessionSlice.ts';
import { useAppDispatch } from '../app/store.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { clockAt, dateWords, dayName } from '../parts/times.ts';
import { onDay, openOf, weekDays } from '@kestrel-ridge/core/view';

/** Days after the main session at which a top-up is proposed: what was cooked then still keeps. */
const TOP_UP_AFTER_DAYS = 3;

/** The sessions that are planned: the main one and a midweek top-up, and what is cooked in which. */
export function Sessions({ view }: { view: KitchenView }) {
  const send = useCommand();
  const change = useChangeSession();
  const dispatch = useAppDispatch();
  const { session } = view;
  const zone = view.kitchen.equipment.zone;
  if (!session) return null;
  const planned = view.week.sessions.filter(({ status }) => status === 'planned');
  const others = planned.filter(({ id }) => id !== session.id);
  const name = (startsAt: string) =>
    `${dayName(dayAt(new Date(startsAt), zone))} ${clockAt(Date.parse(startsAt), zone)}`;
  const topUp = async () => {
    const id = newId();
    const sent = await send({
      path: 'sessions',
      body: {
        id,
        name: 'Top-up',
        startsAt: new Date(Date.parse(session.startsAt) + TOP_UP_AFTER_DAYS * DAY_MS).toISOString(),
        cooks: 1,
      },
      touches: ['week'],
    });
    if (sent.ok) dispatch(sessionChosen(null));
  };
  const days = weekDays(view.today).filter((day) => day !== dayAt(new Date(session.startsAt), zone));
  const moveAll = (day: Day) => change(session, { startMs: onDay(session.startsAt, day, zone) });
  return (
    <div className="sessions">
      {session.status === 'planned' && (
        <Select<Day | null>
          aria-label="Move this session to another day"
          popupMatchSelectWidth={false}
          placeholder="move it to another day"
          value={null}
          options={days.map((day) => ({ value: day, label: `${dayName(day)}, ${dateWords(day)}` }))}
          onChange={(day) => void (day && moveAll(day))}
        />
      )}
      {planned.length > 1 ? (
        <>
          <Segmented
            aria-label="Which session"
            value={session.id}
            onChange={(id) => dispatch(sessionChosen(id))}
            options={planned.map(({ id, name: called, startsAt }) => ({
              value: id,
              label: `${called === 'Top-up' ? 'Top-up, ' : ''}${name(startsAt)}`,
            }))}
          />
          {openOf(view).length > 0 &&
            others.map((other) => (
              <Select<string | null>
                key={other.id}
                aria-label={`Move a dish to ${name(other.startsAt)}`}
                popupMatchSelectWidth={false}
                placeholder={`move a dish to ${name(other.startsAt)}`}
                value={null}
                options={openOf(view).map(({ state, recipe }) => ({
                  value: state.id,
                  label: recipe.document.component.name,
                }))}
                onChange={(id) => {
                  const batch = view.batches.find(({ state }) => state.id === id);
                  if (batch)
                    void send({
                      path: `batches/${batch.state.id}/session`,
                      method: 'PUT',
                      body: { session: other.id, version: batch.state.version },
                      touches: ['week'],
                    });
                }}
              />
            ))}
        </>
      ) : (
        <Button size="small" onClick={() => void topUp()}>
          Add a midweek top-up
        </Button>
      )}
    </div>
  );
}
