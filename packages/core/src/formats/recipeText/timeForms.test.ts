import { readMethod } from './readMethod.ts';

/** A time as people write it, and what it comes to, in minutes. */
const FORMS: Readonly<Record<string, readonly [from: number, to: number]>> = {
  '½ hour': [30, 30],
  '1½ hours': [90, 90],
  '1 1/2 hrs': [90, 90],
  '1.5 h': [90, 90],
  '1,5 h': [90, 90],
  '90 min': [90, 90],
  '1 h 30': [90, 90],
  '1h30': [90, 90],
  '1 hr 15 mins': [75, 75],
  '1 hour, 20 minutes': [80, 80],
  '1 hour and 20 minutes': [80, 80],
  '1:30 h': [90, 90],
  'an hour and a half': [90, 90],
  'one and a half hours': [90, 90],
  '2-3 hours': [120, 180],
  '1-1½ hours': [60, 90],
  '1 to 1 1/2 hours': [60, 90],
  '1 ½ – 2 hours': [90, 120],
  '2½–3 h': [150, 180],
  '45 min - 1 hour': [45, 60],
  '45 minutes to an hour': [45, 60],
  '50 min to 1 1/4 hours': [50, 75],
  '1 hr-1 hr 15': [60, 75],
  '¾ hour': [45, 45],
  'a quarter of an hour': [15, 15],
  'three quarters of an hour': [45, 45],
  'half an hour': [30, 30],
  '20 to 25 min': [20, 25],
  '20–25 Min.': [20, 25],
  '20/25 min': [20, 25],
  '35 mins-40 mins': [35, 40],
  'fifteen to twenty minutes': [15, 20],
  '10 or 12 minutes': [10, 12],
  'a couple of hours': [120, 120],
  'at least 40 minutes': [40, 40],
};
const PLACES: readonly ((time: string) => string)[] = [
  (time) => `Simmer ${time}.`,
  (time) => `Simmer for ${time} until soft.`,
  (time) => `Bake at 180 °C for ${time}, then season.`,
  (time) => `Simmer, covered, ${time}.`,
  (time) => `Bake 190C fan 170 ${time}.`,
];

test.each(Object.entries(FORMS))('“%s” is read as so many minutes, wherever it stands', (form, [from, to]) => {
  for (const place of PLACES) {
    const text = place(form);
    const [step] = readMethod([text]);
    expect([text, step?.timed, step?.minutes.earliest, step?.minutes.latest]).toEqual([text, true, from, to]);
  }
});
