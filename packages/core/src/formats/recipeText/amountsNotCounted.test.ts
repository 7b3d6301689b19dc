import fc from 'fast-check';
import { BOOK } from '../../food/index.ts';
import { indexFoods } from '../ingredient/findFood.ts';
import { readIngredientLine } from '../ingredient/readIngredientLine.ts';
import { amountsNotCounted } from './amountsNotCounted.ts';
import { readMethodStep } from './readMethodStep.ts';

const foods = indexFoods(BOOK);
const lines = (...texts: readonly string[]) => texts.map((text) => readIngredientLine(text, foods));
const found = (step: string, ...listed: readonly string[]) => amountsNotCounted(readMethodStep(step), lines(...listed));

test.each([
  ['Stand them in a dish with 100 ml water in the bottom.', ['300 ml boiling water'], ['100 ml water']],
  ['Dimple with 30 g oil and bake 20 min.', ['10 g salt'], ['30 g oil']],
  ['A splash of soy milk in, 5 min.', ['200 g tofu'], ['A splash of soy milk']],
  ['Whisk with 2 tbsp oil.', ['100 g oil'], ['2 tbsp oil']],
])('“%s” beside %j: %j is counted nowhere', (step, listed, left) => expect(found(step, ...listed)).toEqual(left));

test.each([
  ['Add 2 tbsp of the oil.', ['3 tbsp oil']],
  ['Drain, keeping 250 ml of the liquid.', ['250 g black beans']],
  ['Pour into a 2 litre dish, in 4 jars of 350 ml.', ['1 kg plums']],
  ['Bake at 200 C for 20 minutes.', ['1 kg potatoes']],
  ['Box 300 g each.', ['1 kg potatoes']],
  ['Soak the beans in 1 litre of water overnight.', ['500 g black beans']],
  ['Stir in 200 g of the flour.', ['500 g flour']],
])('“%s” beside %j adds nothing', (step, listed) => expect(found(step, ...listed)).toEqual([]));

test('what a line holds in as many grams is counted, and what no line names is not', () => {
  const names = ['barley', 'millet', 'tahini', 'walnuts', 'carrots', 'leeks'] as const;
  fc.assert(
    fc.property(
      fc.constantFrom(...names),
      fc.constantFrom(...names),
      fc.integer({ min: 5, max: 900 }),
      (one, other, g) => {
        fc.pre(one !== other);
        const step = `Stir in ${g} g ${one} and warm it.`;
        expect(found(step, `${g} g ${one}`)).toEqual([]);
        expect(found(step, `${g} g ${other}`)).toEqual([`${g} g ${one}`]);
      },
    ),
  );
});
