import {
  amountWords,
  toTaste,
  writtenOf,
  type IngredientLine,
  type ReadLine as ReadLineOfRecipe,
} from '@kestrel-ridge/core/formats';
import { show } from '@kestrel-ridge/core/quantity';
import { writtenWords } from '@kestrel-ridge/core/recipe';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { AddFood } from '../food/AddFood.tsx';

/** What a line names, without its amount and what is said behind it: a start for a new food. */
const nameIn = (text: string): string =>
  text
    .replace(/^[\s\d.,/½⅓⅔¼¾–-]+(?:(?:kg|g|ml|l|oz|lb|tbsp|tsp|cups?|cans?|tins?)\b\.?)?\s*(?:of\s+)?/i, '')
    .replace(/[,(].*$/, '')
    .trim();

/** Spoons and cups as they were written; what a recipe cannot hold so, as it was understood. */
function readAmountWords({ amount, food }: IngredientLine): string {
  const written = amount.kind === 'volume' && food ? writtenOf(amount, food) : undefined;
  if (amount.kind === 'unknown' && amount.usually) return `about ${show(amount.usually)}`;
  return written && written.unit !== 'mL' ? writtenWords(written) : amountWords(amount);
}

/** A line as it was understood; what is not certain is asked, and can be written anew. */
export function ReadLine({
  line,
  ready,
  known,
  mend,
  asTitle,
}: {
  line: ReadLineOfRecipe;
  ready: boolean;
  known: KitchenView['foods'];
  mend: (line: string) => void;
  /** The first line of a text without a name may be the name. */
  asTitle?: () => void;
}) {
  const [words, setWords] = useState(line.text);
  const [doubt] = line.doubts;
  const [adding, setAdding] = useState(false);
  const tasted = line.food && toTaste(line.food);
  return (
    <li className={ready ? undefined : 'asks'}>
      <div className="read-line">
        <span>
          <b>{line.food?.name ?? 'which food?'}</b>
          {line.form && <small>, {line.form}</small>}
          {line.group && <small>, for the {line.group}</small>}
          {line.optional && <small>, optional</small>}
          {line.atStep !== undefined && <small>, in the method</small>}
        </span>
        <span className="number">{readAmountWords(line)}</span>
      </div>
      {asTitle && (
        <Button size="small" type="text" onClick={asTitle}>
          “{line.text}” is the name of the dish
        </Button>
      )}
      {!ready && (
        <div className="read-doubt">
          <span>
            {doubt?.question ??
              (line.atStep === undefined
                ? 'How much is it? Write an amount, such as 200 g or 2 cups.'
                : 'The method says it, and no line of the list. How much is it?')}
          </span>
          {!doubt && tasted !== undefined && (
            <Button size="small" onClick={() => mend(tasted)}>
              to taste, not counted
            </Button>
          )}
          {doubt?.choices.map((choice) => (
            <Button key={choice.label} size="small" onClick={() => mend(choice.line)}>
              {choice.label}
            </Button>
          ))}
          <Button size="small" onClick={() => mend('')}>
            leave it out
          </Button>
          {doubt?.about === 'food' && (
            <>
              <Button size="small" onClick={() => setAdding(true)}>
                Add it as a new food …
              </Button>
              {adding && (
                <AddFood
                  open
                  close={() => setAdding(false)}
                  added={() => setAdding(false)}
                  name={nameIn(line.text)}
                  foods={known}
                />
              )}
            </>
          )}
          <form
            onSubmit={(event) => {
              event.preventDefault();
              mend(words);
            }}
          >
            <Input
              size="small"
              aria-label={`Write anew: ${line.text}`}
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
            <Button size="small" htmlType="submit">
              Read again
            </Button>
          </form>
        </div>
      )}
    </li>
  );
}
