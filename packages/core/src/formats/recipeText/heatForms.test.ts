import { readMethod } from './readMethod.ts';

/** An oven's heat as people write it, and what its dial without a fan is set to, °C; a fan is set 20 °C lower (common practice, no published source). */
const FORMS: Readonly<Record<string, number>> = {
  '180C': 180,
  '180 °C': 180,
  '180°': 180,
  '180 degrees': 180,
  '180ºC': 180,
  '180C/160C fan/gas 4': 180,
  '180°C (160°C fan)': 180,
  '180 C / fan 160': 180,
  '180C/350F/Gas 4': 180,
  '350F (180C)': 180,
  '350°F/180°C': 180,
  '350°F': 180,
  '350 F': 180,
  '350 degrees F': 180,
  '400°F': 200,
  '160 fan': 180,
  '160°C fan': 180,
  'fan 160': 180,
  '160°C (fan)': 180,
  'gas mark 4': 180,
  'gas 4': 180,
  '425°F (220°C)': 220,
  '220 °C top/bottom heat': 220,
  '180-200°C': 200,
  '180℃': 180,
  '180˚C': 180,
};
const PLACES: readonly ((heat: string) => readonly string[])[] = [
  (heat) => [`Bake at ${heat} for 20 minutes.`],
  (heat) => [`Preheat the oven to ${heat}.`, 'Mix all.', 'Bake for 20 minutes.'],
  (heat) => [`Oven ${heat}.`, 'Mix all.', 'Bake 20 min until golden.'],
  (heat) => [`Put it in the oven at ${heat} for 20 minutes.`],
  (heat) => [`Roast in a ${heat} oven for 20 minutes.`],
];

test.each(Object.entries(FORMS))('“%s” is read as so hot, wherever it stands', (form, celsius) => {
  for (const place of PLACES) {
    const text = place(form);
    const step = readMethod(text).find(({ timed }) => timed);
    expect([text[0], step?.station, step?.celsius]).toEqual([text[0], 'oven', celsius]);
  }
});
