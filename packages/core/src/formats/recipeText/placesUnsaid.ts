import { leadsTo, type Revision } from '../../recipe/index.ts';
import { readMethodStep } from './readMethodStep.ts';

/** A step whose words speak of a place that nothing holds for it: a plan would not know that the oven is wanted. */
export interface PlaceUnsaid {
  readonly step: string;
  readonly name: string;
  readonly station: string;
}

/**
 * Steps that by their words are done in an oven, on a hob or in another appliance, while no station of the recipe is held during them.
 * @example placesUnsaid({ steps: [bake], uses: [] }) // [{ step: 'bake', name: 'Bake it', station: 'oven' }]
 */
export const placesUnsaid = ({ steps, uses }: Pick<Revision, 'steps' | 'uses'>): readonly PlaceUnsaid[] =>
  steps.flatMap((step) => {
    if (step.kind !== 'work') return [];
    const { station } = readMethodStep(step.name);
    const held = uses.some(({ from, to }) => leadsTo(steps, from, step.id) && leadsTo(steps, step.id, to));
    return station && !held ? [{ step: step.id, name: step.name, station }] : [];
  });
