import { weekday, type Day } from '../quantity/index.ts';

export interface Eater {
  readonly id: string;
  readonly name: string;
  /** 1 is a usual portion. */
  readonly appetite: number;
  /** Days of the week present, 0 Monday … 6 Sunday. */
  readonly weekdays: readonly number[];
}

/** One day on which it is otherwise. */
export interface Attendance {
  readonly eater: string;
  readonly day: Day;
  readonly here: boolean;
}

/** Who eats on a day: by weekday, unless that day says otherwise. */
export function eatersOn(on: Day, eaters: readonly Eater[], exceptions: readonly Attendance[]): readonly Eater[] {
  return eaters.filter((eater) => {
    const said = exceptions.find((exception) => exception.eater === eater.id && exception.day === on);
    return said ? said.here : eater.weekdays.includes(weekday(on));
  });
}
