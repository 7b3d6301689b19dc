import { STARTING_EQUIPMENT, type Equipment } from '@kestrel-ridge/core/kitchen';
import { clashWords, equipmentOf, fieldsOf, followed, type Fields } from './equipmentFields.ts';

const equipment: Equipment = {
  ...STARTING_EQUIPMENT,
  largeBurners: 2,
  awake: { from: '06:00', to: '22:00' },
  riceCooker: { litres: 1.8 },
  oneAtATime: [
    ['oven', 'cooker'],
    ['kettle', 'microwave'],
  ],
  own: { grainLossMl: { 'open pot': { value: 90, n: 2 } } } as unknown as NonNullable<Equipment['own']>,
};
const fields = fieldsOf({ name: 'Hut', equipment });
const typed = (more: Partial<Fields['equipment']>, name = 'Hut'): Fields => ({
  name,
  equipment: { ...fields.equipment, ...more },
});

describe('what the form sends', () => {
  test('is the kitchen as it is, when nothing is typed: several groups of what does not run together survive a save', () => {
    expect(equipmentOf(equipment, fields.equipment)).toEqual({ units: 'US', ...equipment });
  });
  test('an emptied field takes the appliance away, a group of one shares with none, what the form does not show stays', () => {
    const sent = equipmentOf(
      equipment,
      typed({ riceCooker: { litres: null as never }, oneAtATime: [['oven'], ['kettle', 'microwave']] }).equipment,
    );
    expect(sent.riceCooker).toBeUndefined();
    expect(sent.oneAtATime).toEqual([['kettle', 'microwave']]);
    expect(sent.own).toEqual(equipment.own);
  });
});

describe('when the kitchen changes under the form', () => {
  const learned = fieldsOf({
    name: 'Hut',
    equipment: { ...equipment, own: { ...equipment.own, grainLossMl: {} }, burners: 6 },
  });
  test('what was typed stays, and untouched fields follow', () => {
    const { fields: now, clashes } = followed(fields, typed({ altitudeM: 900 }, 'Upper hut'), learned);
    expect(clashes).toEqual([]);
    expect(now).toMatchObject({ name: 'Upper hut', equipment: { altitudeM: 900, burners: 6 } });
    expect(now.equipment.own).toEqual({ grainLossMl: {} });
  });
  test('both said otherwise of one field: what was typed stays in it, and both are told', () => {
    const { fields: now, clashes } = followed(fields, typed({ burners: 3 }), learned);
    expect(now.equipment.burners).toBe(3);
    expect(clashes.map(clashWords)).toEqual(['burners: 6 there, 3 here']);
  });
  test('an appliance that another device took away is gone from the form too', () => {
    const { riceCooker: _gone, ...without } = equipment;
    const { fields: now } = followed(fields, fields, fieldsOf({ name: 'Hut', equipment: without }));
    expect('riceCooker' in now.equipment && now.equipment.riceCooker).toBe(undefined);
  });
  test('pots are compared one by one while their number stays', () => {
    const [first, ...others] = equipment.pots;
    if (!first) throw new Error('no pot');
    const wider = typed({ pots: [{ ...first, acrossCm: first.acrossCm + 2 }, ...others] });
    const there = fieldsOf({
      name: 'Hut',
      equipment: { ...equipment, pots: [{ ...first, litres: first.litres + 1 }, ...others] },
    });
    const { fields: now, clashes } = followed(fields, wider, there);
    expect(clashes).toEqual([]);
    expect(now.equipment.pots[0]).toMatchObject({ acrossCm: first.acrossCm + 2, litres: first.litres + 1 });
  });
  test.each([
    [{ at: ['equipment', 'largeBurners'], mine: 3, now: 2 }, 'large burners: 2 there, 3 here'],
    [{ at: ['equipment', 'pots', '1', 'litres'], mine: 5, now: undefined }, 'pots 2 litres: none there, 5 here'],
    [{ at: ['equipment', 'jug', 'weak'], mine: true, now: false }, 'jug weak: no there, yes here'],
    [{ at: ['equipment', 'boxes'], mine: [1, 2], now: [1] }, 'boxes: 1 entries there, 2 entries here'],
  ])('%j is told in words', (clash, words) => expect(clashWords(clash)).toBe(words));
});
