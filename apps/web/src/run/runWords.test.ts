import {
  insteadReadWords,
  nextStepWords,
  tickReadWords,
  trimmedWords,
  lanesUntilWords,
  leftOutMeansWords,
  loadOfWords,
  moreReadWords,
  nowWords,
  otherDevicesWords,
  refusedWords,
  waitingWords,
  withPotsWords,
  withoutLoadWords,
  workReadWords,
} from './runWords.ts';

test('taps and devices', () => {
  expect(refusedWords(1)).toBe('A tap was not taken');
  expect(refusedWords(2)).toBe('2 taps were not taken');
  expect(waitingWords(1)).toBe('1 tap is kept here until the server answers.');
  expect(waitingWords(5)).toBe('5 taps are kept here until the server answers.');
  expect(otherDevicesWords(1, '15:04')).toBe('Another device is in this run, last tap 15:04.');
  expect(otherDevicesWords(2, '15:04')).toBe('2 other devices are in this run, last tap 15:04.');
});

test('leaving out a load', () => {
  expect(withoutLoadWords(1, undefined, undefined)).toBe('1 step goes. What it would have taken stays on the shelf.');
  expect(withoutLoadWords(4, '20 min', { portions: 3, of: 6 })).toBe(
    '4 steps go, all is done 20 min sooner; 3 of 6 portions are not made. What it would have taken stays on the shelf.',
  );
});

test('what was understood', () => {
  expect(workReadWords('boil swede', 20, false)).toBe('understood: boil swede, 20 min, a clock');
  expect(workReadWords('peel swede', 5, true)).toBe('understood: peel swede, 5 min, hands');
  expect(moreReadWords('20 g', 'miso', 'soup', false)).toBe('understood: +20 g miso, soup');
  expect(moreReadWords('3 g', 'salt', 'soup', true)).toBe('understood: a little, counted as +3 g salt, soup');
});

test('what went in, and what is left', () => {
  expect(tickReadWords('salt', '12 g')).toBe('understood: salt went in, 12 g');
  expect(insteadReadWords('200 g', 'swede', 'celeriac')).toBe(
    'understood: 200 g swede instead of celeriac, at the recipe’s written size',
  );
  expect(trimmedWords('leek', '440 g', '1 kg')).toBe('leek, trimmed: 440 g of 1 kg');
});

test('what comes next', () => {
  expect(nextStepWords(undefined)).toBe('Only clocks are running.');
  expect(nextStepWords({ name: 'Blend the sauce', at: '16:20' })).toBe('Next: Blend the sauce, about 16:20');
});

test('the step at hand', () => {
  expect(nowWords(undefined, 'Soup', '5 min', undefined)).toBe('Now, both hands · Soup · 5 min');
  expect(nowWords('Ilva', 'Soup', '5 min', 'load 1')).toBe('Now, Ilva · Soup · 5 min · load 1');
});

test('pots, loads, lanes', () => {
  expect(withPotsWords([])).toBe('');
  expect(withPotsWords([{ name: 'blue pot', shows: '2310 g' }])).toBe('; in the blue pot the scale shows 2310 g');
  expect(loadOfWords('Beans', 1, 1)).toBe('Beans');
  expect(loadOfWords('Beans', 1, 2)).toBe('Beans, load 1 of 2');
  expect(lanesUntilWords([])).toBe('The plan as it stands.');
  expect(
    lanesUntilWords([
      { name: 'Hands', until: '17:05' },
      { name: 'Oven', until: '16:40' },
    ]),
  ).toBe('The plan as it stands. Hands until 17:05 and Oven until 16:40.');
});

test('what leaving something out means', () => {
  const same = { portions: 8, weighs: ['155 g', '155 g'], proteinG: [12, 12], freeOf: [] } as const;
  expect(leftOutMeansWords(['walnut'], same)).toBe('');
  expect(
    leftOutMeansWords(['walnut'], { ...same, weighs: ['155 g', '140 g'], proteinG: [12, 9], freeOf: ['nuts'] }),
  ).toBe(
    'Without walnut: 8 portions of 140 g instead of 155 g, protein 9 g instead of 12 in each; no nuts in it then.',
  );
  expect(
    leftOutMeansWords(['walnut', 'soy sauce'], { ...same, proteinG: [undefined, 9], freeOf: ['nuts', 'soybeans'] }),
  ).toBe('Without walnut and soy sauce; no nuts, no soybeans in it then.');
});
