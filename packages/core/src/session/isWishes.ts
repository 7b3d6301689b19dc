import type { Wishes } from './wishes.ts';

const isText = (value: unknown): value is string => typeof value === 'string' && value.length <= 400;
const isMinute = (value: unknown): value is number =>
  Number.isInteger(value) && Number(value) >= 0 && Number(value) <= 10_000;
const isTexts = (value: unknown): boolean => Array.isArray(value) && value.length <= 200 && value.every(isText);
const isRecordOf = (value: unknown, of: (each: unknown) => boolean): boolean =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && Object.values(value).every(of);
const isListOf = (value: unknown, of: (each: unknown) => boolean): boolean =>
  Array.isArray(value) && value.length <= 200 && value.every(of);

const SHAPE: Readonly<Record<keyof Wishes, (value: unknown) => boolean>> = {
  pins: (value) => isRecordOf(value, isMinute),
  breaks: (value) =>
    isListOf(value, (each) => {
      const { from, to } = (each ?? {}) as { from?: unknown; to?: unknown };
      return isMinute(from) && isMinute(to) && from < to;
    }),
  orders: (value) => isListOf(value, (each) => isTexts(each) && (each as unknown[]).length === 2),
  given: (value) => isRecordOf(value, isText),
  together: (value) => isListOf(value, isTexts),
  shared: isTexts,
  ahead: isTexts,
  begun: isTexts,
  steady: (value) => typeof value === 'boolean',
};

/** Is something from outside what a cook can say of a plan? */
export const isWishes = (value: unknown): value is Wishes =>
  typeof value === 'object' &&
  value !== null &&
  'pins' in value &&
  'breaks' in value &&
  Object.entries(value).every(([name, each]) => SHAPE[name as keyof Wishes]?.(each) ?? false);
