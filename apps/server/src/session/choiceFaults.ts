import type { Fault } from '@kestrel-ridge/core/formats';
import { wholeOf, type Choice, type Revision } from '@kestrel-ridge/core/recipe';

export const noLine = (field: string, line: string): Fault => ({
  field,
  fault: `The recipe has no line "${line}".`,
  remedy: 'Reload the page and choose the line again.',
});

/** What a choice names that the recipe does not offer. */
export function choiceFaults(document: Revision, choice: Choice): readonly Fault[] {
  const faults: Fault[] = [];
  if (choice.method !== undefined && !document.methods?.some(({ id }) => id === choice.method))
    faults.push({
      field: 'choice.method',
      fault: `The recipe has no method "${choice.method}".`,
      remedy: 'Choose one of its methods.',
    });
  if (choice.version !== undefined && !document.versions?.some(({ id }) => id === choice.version))
    faults.push({
      field: 'choice.version',
      fault: `The recipe has no version "${choice.version}".`,
      remedy: 'Choose one of its versions.',
    });
  if (choice.mild && !isPart(choice.mild.share))
    faults.push({
      field: 'choice.mild',
      fault: `A mild part of ${choice.mild.share} is not a part of the batch.`,
      remedy: 'Say a fraction between none of it and all of it, as in "1/4".',
    });
  for (const { line } of choice.swaps ?? [])
    if (!document.lines.some(({ id }) => id === line)) faults.push(noLine('choice.swaps', line));
  for (const fill of choice.fills ?? []) {
    const line = document.lines.find(({ id }) => id === wholeOf(fill.line));
    if (!line) faults.push(noLine('choice.fills', fill.line));
    else if (!line.slot?.allowed.includes(fill.food))
      faults.push({
        field: 'choice.fills',
        fault: 'This food is not among those that may fill the line.',
        remedy: 'Choose one of those offered, or swap the food.',
      });
  }
  for (const { share } of choice.fills ?? [])
    if (share !== undefined && !isPart(share))
      faults.push({
        field: 'choice.fills',
        fault: `${share} is not a part of the line.`,
        remedy: 'Say a fraction between none of it and all of it, as in "3/5".',
      });
  return faults;
}

const isPart = (share: string): boolean => {
  const [over = 0, under = 0] = share.split('/').map(Number);
  return over > 0 && over < under;
};
