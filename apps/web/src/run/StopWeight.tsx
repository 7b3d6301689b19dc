import type { TaskAbout } from '@kestrel-ridge/core/session';
import { useKitchenState } from '../app/useKitchenState.ts';
import { gramsText } from '../parts/gramsText.ts';
import { withPotsWords } from './runWords.ts';

/** "Stop at 2310 g with the pot": the scale tells when grain or a sauce is done, not the eye. */
export function StopWeight({ about }: { about: TaskAbout }) {
  const fetched = useKitchenState();
  const stopsAt = about.stopsAtG;
  if (stopsAt === undefined || fetched.state !== 'ready') return null;
  const pots = fetched.value.kitchen.equipment.pots.filter(({ emptyG }) => emptyG !== undefined);
  return (
    <p className="soft">
      Done when what is in the pot weighs <b className="number">{gramsText(stopsAt)}</b>
      {withPotsWords(pots.map(({ name, emptyG }) => ({ name, shows: gramsText(stopsAt + (emptyG ?? 0)) })))}
    </p>
  );
}
