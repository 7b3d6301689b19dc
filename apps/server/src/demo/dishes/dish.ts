import { componentId, leftoverDays, twoMonths } from '@kestrel-ridge/core/recipe/write';
import type { Revision } from '@kestrel-ridge/core/recipe';

type Component = Revision['component'];

/** What a dish yields, with the days of cooked leftovers where nothing else is said. */
export const yielding = (
  name: string,
  called: string,
  kind: Component['kind'],
  beforeEating: string,
  more: Partial<Component> = {},
): Component => ({
  id: componentId(name),
  name: called,
  kind,
  fridgeDays: leftoverDays,
  freezerDays: twoMonths,
  beforeEating,
  ...more,
});
