import type { StepDoubt } from './stepDoubt.ts';

/** "Air fryer: 200 °C, 15 min" over "Oven: 220 °C, 25 min" */
const WAY =
  /^(oven|air[- ]?fryer|microwave|hob|stove ?top|pressure cooker|slow cooker|rice cooker|grill|barbecue|(?:frying )?pan|skillet|stove)(?: (?:method|version|way))?\s*:\s*/i;
const IN_IT: Readonly<Record<string, string>> = {
  oven: 'In the oven',
  'air fryer': 'In the air fryer',
  microwave: 'In the microwave',
  'pressure cooker': 'Pressure cook',
  'slow cooker': 'In the slow cooker',
  'rice cooker': 'In the rice cooker',
  grill: 'Under the grill',
};
/** Under which appliance's name a step stands. */
export const wayOf = (text: string): string | undefined => WAY.exec(text)?.[1]?.toLowerCase();

/** A step under an appliance's name, where another one is told under another's: one of them is done. */
export function wayDoubt(text: string, otherWay: string): StepDoubt | undefined {
  const way = wayOf(text);
  if (way === undefined) return undefined;
  return {
    question: `Two ways are told: ${way}, and ${otherWay}. Is it done this way?`,
    choices: [
      {
        label: `yes, ${way}`,
        text: text.replace(WAY, (_, name: string) => `${IN_IT[name.toLowerCase()] ?? 'On the hob'}: `),
      },
      { label: `no, ${otherWay}`, text: '' },
    ],
  };
}
