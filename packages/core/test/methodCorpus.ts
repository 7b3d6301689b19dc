/** What a text says of one step, as far as it says it: a time in minutes, hours before, heat, place, hands, how pressure is let out. */
export interface StepFacts {
  readonly kind?: 'work' | 'pressure' | 'ahead';
  readonly minutes?: readonly [from: number, to: number];
  readonly hours?: readonly [from: number, to: number];
  readonly celsius?: number;
  readonly station?: string;
  readonly needs?: 'hands' | 'look' | 'nobody';
  readonly release?: 'natural' | 'quick' | number;
  /** It does not say all, and is asked. */
  readonly asks?: true;
}

/** Paragraphs of methods in many hands, invented, each with the steps it must become. */
export const METHOD_CORPUS: readonly (readonly [paragraph: string, steps: readonly StepFacts[]])[] = [
  // At pressure.
  [
    'Pressure cook on high 25 minutes, natural release 10, then vent.',
    [{ kind: 'pressure', minutes: [25, 25], release: 10 }],
  ],
  [
    'Cook at high pressure for 12 minutes. Let the pressure come down by itself.',
    [{ kind: 'pressure', minutes: [12, 12], release: 'natural' }],
  ],
  ['Pressure-cook 8 to 10 min, quick release.', [{ kind: 'pressure', minutes: [8, 10], release: 'quick' }]],
  [
    'Lock the lid and cook under pressure for half an hour; natural release.',
    [{ kind: 'pressure', minutes: [30, 30], release: 'natural' }],
  ],
  [
    'Put everything into the pressure cooker and cook 15 minutes at pressure. Vent at once.',
    [{ kind: 'pressure', minutes: [15, 15], release: 'quick' }],
  ],
  ['Pressure cook for 20 minutes.', [{ kind: 'pressure', minutes: [20, 20], asks: true }]],
  ['Cook at low pressure for 6 minutes, quick release.', [{ kind: 'pressure', minutes: [6, 6], asks: true }]],
  ['Pressure cook the beans until soft, natural release.', [{ kind: 'pressure', release: 'natural', asks: true }]],
  [
    '4 minutes at high pressure, then release the steam quickly.',
    [{ kind: 'pressure', minutes: [4, 4], release: 'quick' }],
  ],
  // Leads.
  ['Soak the beans for 8 to 20 hours.', [{ kind: 'ahead', hours: [8, 20] }]],
  ['Leave to soak for 12 hours.', [{ kind: 'ahead', hours: [12, 24] }]],
  ['Soak the chickpeas overnight in plenty of cold water.', [{ kind: 'ahead', hours: [8, 14] }]],
  ['The evening before, cover the split peas with water.', [{ kind: 'ahead', hours: [8, 14] }]],
  ['Two days ahead, start the sprouts.', [{ kind: 'ahead', hours: [48, 60] }]],
  ['Marinate in the fridge for 6 hours.', [{ kind: 'ahead', hours: [6, 12] }]],
  ['Chill overnight.', [{ kind: 'ahead', hours: [8, 14] }]],
  ['Soak the beans.', [{ kind: 'ahead', asks: true }]],
  ['Soak the seeds for 1 hour in warm water.', [{ kind: 'work', minutes: [60, 60], needs: 'nobody' }]],
  ['Drain the soaked beans and rinse.', [{ kind: 'work', needs: 'hands' }]],
  [
    'Leave it to stand for 10 minutes so that the grains soak up the rest.',
    [{ kind: 'work', minutes: [10, 10], needs: 'nobody' }],
  ],
  // Hob.
  ['Simmer for 20 to 25 minutes.', [{ minutes: [20, 25], station: 'burner', needs: 'nobody' }]],
  [
    'Boil hard for 10 minutes, then simmer 30 minutes.',
    [
      { minutes: [10, 10], station: 'burner' },
      { minutes: [30, 30], station: 'burner', needs: 'nobody' },
    ],
  ],
  ['Sweat the leeks in the oil for 8 minutes, stirring.', [{ minutes: [8, 8], needs: 'hands' }]],
  ['Bring to the boil.', [{ needs: 'hands' }]],
  ['Simmer until the lentils are soft.', [{ station: 'burner', asks: true }]],
  [
    'Rinse the millet. Simmer it covered for 15 minutes. Let it stand 5 minutes off the heat.',
    [
      { needs: 'hands' },
      { minutes: [15, 15], station: 'burner', needs: 'nobody' },
      { minutes: [5, 5], needs: 'nobody' },
    ],
  ],
  ['Steam the kale for a minute or two.', [{ minutes: [1, 2], needs: 'nobody' }]],
  ['Cook in a large pot on the hob for 1 h 15 min, stirring now and then.', [{ minutes: [75, 75], station: 'burner' }]],
  ['Simmer gently for three quarters of an hour.', [{ minutes: [45, 45], station: 'burner', needs: 'nobody' }]],
  ['Braise for 40–50 mins.', [{ minutes: [40, 50], station: 'burner', needs: 'nobody' }]],
  // Oven.
  ['Bake at 180 °C for 35 minutes.', [{ minutes: [35, 35], station: 'oven', celsius: 180, needs: 'nobody' }]],
  [
    'Bake covered at 190°C for 25 minutes, then uncovered 10.',
    [
      { minutes: [25, 25], station: 'oven', celsius: 190 },
      { minutes: [10, 10], station: 'oven', celsius: 190, needs: 'nobody' },
    ],
  ],
  ['Roast in the oven at 400 F for 1 hour.', [{ minutes: [60, 60], station: 'oven', celsius: 200 }]],
  [
    'Roast at 220 °C for 30 to 40 minutes, turning halfway.',
    [{ minutes: [30, 40], station: 'oven', celsius: 220, needs: 'look' }],
  ],
  [
    'Heat the oven to 200 °C. Cut the roots. Roast them for 40 minutes.',
    [{ needs: 'hands' }, { minutes: [40, 40], station: 'oven' }],
  ],
  ['Bake until golden.', [{ station: 'oven', asks: true }]],
  ['Grill for 5 minutes.', [{ minutes: [5, 5], station: 'oven' }]],
  // Other appliances.
  ['Blend until smooth.', [{ station: 'jug', needs: 'hands' }]],
  ['Cook in the rice cooker, 30 minutes.', [{ minutes: [30, 30], station: 'rice cooker', needs: 'nobody' }]],
  ['Microwave for 6 minutes.', [{ minutes: [6, 6], station: 'microwave', needs: 'nobody' }]],
  ['Air fry at 190 °C for 15 minutes.', [{ minutes: [15, 15], station: 'air fryer', needs: 'nobody' }]],
  // Hands, and what is no step.
  ['Chop the onions. Grate the carrots. Mince the garlic.', [{ kind: 'work', needs: 'hands' }]],
  ['Prep time: 15 min', []],
  ['Cook time 40 minutes', []],
  ['Cool for half an hour before it goes into boxes.', [{ minutes: [30, 30], needs: 'nobody' }]],
  ['Rest 5 min. approx. before serving.', [{ minutes: [5, 5], needs: 'nobody' }]],
  // Moments within a step are not how long it takes.
  [
    'Simmer for 40 minutes. Add the nuts for the last 5 minutes.',
    [{ minutes: [40, 40], station: 'burner', needs: 'look' }],
  ],
  [
    'Roast for 35 minutes. Ten minutes before the end add the kale.',
    [{ minutes: [35, 35], station: 'oven', asks: true }],
  ],
  ['Simmer 30 minutes, stirring every 5 minutes.', [{ minutes: [30, 30], station: 'burner', needs: 'look' }]],
  ['Fry for 5 minutes until soft and 3 minutes more with the garlic.', [{ station: 'burner', asks: true }]],
  // Sentences that end in a shortened unit.
  [
    'Mix it all, knead 10 mins. Leave to rise 1-1½ hours until doubled.',
    [
      { minutes: [10, 10], needs: 'hands' },
      { minutes: [60, 90], needs: 'nobody' },
    ],
  ],
  [
    'Bake at 230C for 15 mins then at 200C for 20 more.',
    [
      { minutes: [15, 15], station: 'oven', celsius: 230 },
      { minutes: [20, 20], station: 'oven', celsius: 200 },
    ],
  ],
  ['Bring to the boil, then turn down and simmer 1 hr 15 until tender.', [{ minutes: [75, 75], needs: 'nobody' }]],
  [
    'Preheat the oven to 220C/200C fan/gas 7. Toss everything with the oil. Roast for 25-30 mins, turning halfway.',
    [{ needs: 'hands' }, { minutes: [25, 30], station: 'oven', celsius: 220, needs: 'look' }],
  ],
  ['Press the tofu for 30 minutes.', [{ minutes: [30, 30], needs: 'nobody' }]],
  ['Cook in a slow cooker on low for 8 hours.', [{ minutes: [480, 480], needs: 'nobody' }]],
  ['Cook over low heat for 30 minutes, stirring often.', [{ minutes: [30, 30], station: 'burner', needs: 'look' }]],
  ['Leave the dough to prove for 45 minutes.', [{ minutes: [45, 45], needs: 'nobody' }]],
  ['Marinate at least 2 hours or overnight.', [{ asks: true }]],
];
