import { goesWords, stepTimes, stepWords, writtenWords, type Revision } from '@kestrel-ridge/core/recipe';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { heatsHere } from '../parts/degrees.ts';
import { sharesWords } from './recipeWords.ts';

/** The method as it is read at arm's length: what is done, what goes in where it is only a share, what else comes out. */
export function MethodSteps({
  view,
  recipe,
  here,
}: {
  view: KitchenView;
  recipe: Revision;
  /** What steps take in this kitchen, by their id. */
  here: ReadonlyMap<string, string>;
}) {
  const nameOf = (id: string) => recipe.steps.find((step) => step.id === id)?.name ?? id;
  return (
    <ol className="method">
      {recipe.steps.map((step) => {
        const shares = recipe.lines.flatMap((line) =>
          line.into
            .filter((into) => into.step === step.id && into.share !== '1')
            .map((into) => ({ share: into.share, food: view.foods.get(line.food)?.name ?? '' })),
        );
        return (
          <li key={step.id}>
            <span>{heatsHere(stepWords(step))}</span>
            <small>
              {stepTimes(step)}
              {shares.length > 0 && ` · takes ${sharesWords(shares)}`}
            </small>
            {here.has(step.id) && <small className="step-here">{here.get(step.id)}</small>}
            {step.gives?.map((gives) => (
              <small key={gives.name}>
                ↳ {gives.name}, {writtenWords(gives.amount)}: {goesWords(gives, nameOf)}
              </small>
            ))}
          </li>
        );
      })}
    </ol>
  );
}
