import type { Clash } from '@kestrel-ridge/core/quantity';

/** "Boil the millet at 10:20 there, at 10:40 here" */
export function clashWords(
  { at: [field, task = ''], mine, now }: Clash,
  clock: (minute: number) => string,
  nameOf: (task: string) => string | undefined,
): string {
  const say = (value: unknown): string => {
    if (field === 'pins') return typeof value === 'number' ? `at ${clock(value)}` : 'free';
    if (field === 'given') return typeof value === 'string' ? `by ${value}` : 'by anybody';
    return value === true ? 'rather steady' : 'rather short';
  };
  const name = field === 'steady' ? 'the plan' : (nameOf(task) ?? 'a step');
  return `${name} ${say(now)} there, ${say(mine)} here`;
}
