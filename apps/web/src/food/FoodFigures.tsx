import { shortest } from '@kestrel-ridge/core/quantity';
import { FIGURES, allergenWords, statementOf, figureOf, type Figure } from '@kestrel-ridge/core/food';
import type { FoodState } from '@kestrel-ridge/core/formats';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { OwnFigure } from '../app/OwnFigure.tsx';
import { useSetOwnFigure } from '../app/useSetOwnFigure.ts';

/** All that is known of a food, figure by figure with its source; each may be overruled, and set back. */
export function FoodFigures({ food }: { food: FoodState }) {
  const [editing, setEditing] = useState<string>();
  const { facts } = food;
  const packs = facts.packs?.value ?? [];
  return (
    <section className="food-figures" aria-label={food.name}>
      <Link to="/foods" className="foods-back">
        All foods
      </Link>
      <h2>{food.name}</h2>
      <p className="soft">
        {[
          facts.kind,
          ...(facts.names ? [`also ${facts.names.join(', ')}`] : []),
          ...(facts.nearNames ? [`not the same as ${facts.nearNames.join(', ')}`] : []),
        ].join(' · ')}
      </p>
      <p>
        <strong>{allergenWords(statementOf(food))} </strong>
        {facts.roles && <span className="soft">In a dish: {facts.roles.join(', ')}. </span>}
        {facts.hazard === 'boil beans hard' && <strong className="cannot">Soak, and boil hard. </strong>}
        {packs.length > 0 && (
          <span className="soft">
            A {packs[0]?.name} holds {packs[0]?.grams} g
            {packs[0]?.drainedG === undefined ? '' : `, ${packs[0].drainedG} g drained`} ({facts.packs?.source}).
          </span>
        )}
      </p>
      <table className="figures">
        <tbody>
          {FIGURES.map((figure) => (
            <FigureRow
              key={figure.name}
              food={food}
              figure={figure}
              editing={editing === figure.name}
              edit={(open) => setEditing(open ? figure.name : undefined)}
            />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function FigureRow({
  food,
  figure,
  editing,
  edit,
}: {
  food: FoodState;
  figure: Figure;
  editing: boolean;
  edit: (open: boolean) => void;
}) {
  const known = figureOf(food, figure.name);
  const own = food.own[figure.name] !== undefined;
  const book = food.book[figure.name];
  const set = useSetOwnFigure();
  const back = () => set(food.id, figure.name, undefined);
  if (editing)
    return (
      <tr>
        <td colSpan={3}>
          <OwnFigure
            food={food}
            figure={figure.name}
            label={figure.says}
            {...(known ? { value: known.value } : {})}
            onKept={() => edit(false)}
          />
        </td>
      </tr>
    );
  return (
    <tr className={own ? 'own' : undefined}>
      <th scope="row">{figure.says}</th>
      <td className="amount">
        {known ? (
          <span className="number">
            {shortest(known.value, 3)} {figure.unit}
          </span>
        ) : (
          <span className="soft">not known</span>
        )}
        {known && (
          <small>{own ? `this kitchen${book === undefined ? '' : `; the book says ${book}`}` : known.source}</small>
        )}
      </td>
      <td className="amount">
        <Button size="small" type="link" onClick={() => edit(true)} aria-label={`${figure.says}: set our own`}>
          {known ? 'our own …' : 'enter …'}
        </Button>
        {own && (
          <Button size="small" type="link" onClick={() => void back()} aria-label={`${figure.says}: back to the book`}>
            back to the book
          </Button>
        )}
      </td>
    </tr>
  );
}
