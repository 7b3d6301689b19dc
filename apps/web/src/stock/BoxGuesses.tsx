import { addDays } from '@kestrel-ridge/core/quantity';
import { guessBox } from '@kestrel-ridge/core/stock';
import { frozenOnce, type KitchenView, type ShelfLot } from '@kestrel-ridge/core/view';
import { Button, Space } from 'antd';
import { usePastQuery } from '../api/api.ts';
import { guessWords } from './boxGuessWords.ts';

/** So far back boxes are looked for. */
const DAYS_BACK = 69;
const SHOWN = 3;

/** What a nameless box from the freezer may be, by its weight, its bin and what was frozen here; one tap names it. */
export function BoxGuesses({
  view,
  lot: { state, place },
  name,
}: {
  view: KitchenView;
  lot: ShelfLot;
  name: (food: string) => Promise<unknown>;
}) {
  const { data } = usePastQuery(
    { kitchen: view.kitchen.id, from: addDays(view.today, -DAYS_BACK), until: view.today },
    { skip: place.kind !== 'freezer' },
  );
  if (!data) return null;
  const { guesses, cannotTell } = guessBox(
    { grams: Number(state.onHand), rough: state.known !== 'exact', place: state.place, box: state.box },
    frozenOnce(view, data),
    view.today,
  );
  const known = guesses.flatMap((guess) => {
    const food = view.foods.get(guess.food);
    return food && food.facts.base === state.base ? [{ guess, food }] : [];
  });
  if (known.length === 0) return null;
  return (
    <div className="box-guesses">
      <p>
        {cannotTell ? 'By what was frozen here nobody can tell which:' : 'By what was frozen here:'}
        {state.known !== 'exact' && ' weighed, it would be surer.'}
      </p>
      <Space wrap>
        {known.slice(0, SHOWN).map(({ guess, food }) => (
          <Button key={food.id} onClick={() => void name(food.id)}>
            {guessWords(guess, food.name)}
          </Button>
        ))}
      </Space>
    </div>
  );
}
