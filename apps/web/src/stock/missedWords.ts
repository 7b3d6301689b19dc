import { portionsText } from '@kestrel-ridge/core/quantity';
import type { MissedLater } from '@kestrel-ridge/core/view';
import { dayName } from '../parts/times.ts';

/** "Millet: 4 portions short from Wed dinner on, where it is planned" */
export const missedWords = ({ name, portions, day, meal, planned }: MissedLater): string =>
  `${name}: ${portionsText(portions)} short from ${dayName(day)} ${meal} on${planned ? ', where it is planned' : ''}`;
