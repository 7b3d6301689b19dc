import { asRecord, keep, readKept, texts } from '../parts/kept.ts';

/** What was ticked on the way, kept on the device: the walk needs no connection. */
export interface Ticks {
  /** Foods in the basket. */
  readonly got: readonly string[];
  /** Foods that nobody could get. */
  readonly notHad: readonly string[];
}

const NONE: Ticks = { got: [], notHad: [] };
const place = (kitchen: string): string => `shop ${kitchen}`;

export const keptTicks = (kitchen: string, from: Pick<Storage, 'getItem'> = localStorage): Ticks =>
  readKept(
    place(kitchen),
    (value) => {
      const { got, notHad } = asRecord(value) ?? {};
      return { got: texts(got), notHad: texts(notHad) };
    },
    from,
  ) ?? NONE;

export const keepTicks = (kitchen: string, ticks: Ticks): void => void keep(place(kitchen), ticks);

/** Into the basket and out again; what is in the basket was to be had. */
export const ticked = ({ got, notHad }: Ticks, food: string): Ticks =>
  got.includes(food)
    ? { got: got.filter((each) => each !== food), notHad }
    : { got: [...got, food], notHad: notHad.filter((each) => each !== food) };

export const missed = ({ got, notHad }: Ticks, food: string): Ticks =>
  notHad.includes(food)
    ? { got, notHad: notHad.filter((each) => each !== food) }
    : { got: got.filter((each) => each !== food), notHad: [...notHad, food] };
