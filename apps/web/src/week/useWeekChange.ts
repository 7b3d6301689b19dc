import { weekCommand, type KitchenView, type WeekChange } from '@kestrel-ridge/core/view';
import { useCallback } from 'react';
import { useCommand } from '../app/useCommand.ts';
import { appNow } from '../parts/appNow.ts';
import { newId } from '../parts/newId.ts';
import { weekAsk } from './weekAsk.ts';

/** Changes a week in one go, all of it or nothing, with a way back. Answers whether it was done. */
export function useWeekChange(view: KitchenView): (change: WeekChange, text: string) => Promise<boolean> {
  const send = useCommand();
  return useCallback(
    async (change, text) => (await send(weekAsk(view, weekCommand(view, change, appNow(), newId), text))).ok,
    [send, view],
  );
}
