import type { Day } from '@kestrel-ridge/core/quantity';
import { eatersOn } from '@kestrel-ridge/core/week';
import { Checkbox, Popover } from 'antd';
import { useSaveSeen } from '../app/useSaveSeen.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { dayName, longDayName } from '../parts/times.ts';
import { AddEater } from './AddEater.tsx';
import { DayGuests } from './DayGuests.tsx';
import { eatWords } from './weekWords.ts';

/** Who eats on which day, and with how many guests; a touch on a day changes it. */
export function DayHeads({ view, days }: { view: KitchenView; days: readonly Day[] }) {
  const { eaters, attendance } = view.week;
  const save = useSaveSeen();
  return (
    <div className="day-heads">
      {days.map((day) => {
        const here = eatersOn(day, eaters, attendance);
        return (
          <Popover
            key={day}
            trigger="click"
            placement="bottom"
            title={`Who eats on ${longDayName(day)}?`}
            content={
              <div className="who-eats">
                {eaters.map((eater) => (
                  <Checkbox
                    key={eater.id}
                    checked={here.some(({ id }) => id === eater.id)}
                    onChange={(event) =>
                      void save({
                        path: 'attendance',
                        method: 'PUT',
                        body: { eater: eater.id, day, here: event.target.checked },
                        thing: `attendance ${eater.id} ${day}`,
                        seen: attendance.find((each) => each.eater === eater.id && each.day === day)?.here ?? null,
                        saved: event.target.checked,
                        touches: ['week'],
                      })
                    }
                  >
                    {eater.name}
                  </Checkbox>
                ))}
                <AddEater />
                <DayGuests view={view} day={day} />
              </div>
            }
          >
            <button
              type="button"
              className="day-head"
              aria-label={`${longDayName(day)}: ${eatWords(here.length)}. Change`}
            >
              <b>
                {dayName(day)} {Number(day.slice(8))}
              </b>
              <svg viewBox={`0 0 ${Math.max(1, here.length) * 13} 20`} height="18" aria-hidden="true">
                {here.map((eater, n) => (
                  <g
                    key={eater.id}
                    transform={`translate(${n * 13} 0)`}
                    fill={eater.weekdays.length === 7 ? 'var(--slate)' : 'var(--chestnut)'}
                  >
                    <circle cx="6" cy="4.4" r="3.4" />
                    <path d="M1 19c0-7 2.4-9.4 5-9.4S11 12 11 19z" />
                  </g>
                ))}
              </svg>
              <small>{here.length === 0 ? 'nobody' : here.length}</small>
            </button>
          </Popover>
        );
      })}
    </div>
  );
}
