import { Button, Input } from 'antd';
import { useState } from 'react';
import { useAppDispatch } from '../app/store.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { readWeekLine } from './readWeekLine.ts';
import type { WeekChange } from '@kestrel-ridge/core/view';
import { dayTried, sizeTried } from './weekDraftSlice.ts';

/** The week in one line: a meal is set at once, a size is tried on its strip. */
export function WeekLine({
  view,
  change,
}: {
  view: KitchenView;
  change: (change: WeekChange, text: string) => Promise<boolean>;
}) {
  const [text, setText] = useState('');
  const dispatch = useAppDispatch();
  const read = readWeekLine(text, {
    today: view.today,
    slots: view.week.slots,
    components: view.recipes.map(({ document: { component } }) => ({ food: component.id, name: component.name })),
    batches: view.batches
      .filter(({ state, session }) => state.status === 'planned' && session.status === 'planned')
      .map(({ state, recipe }) => ({
        id: state.id,
        name: recipe.document.component.name,
        portions: Number(state.portions),
        freezePortions: Number(state.freezePortions),
      })),
  });
  const put = async () => {
    if (read?.kind === 'size')
      dispatch(sizeTried({ batch: read.batch, portions: read.portions, freezePortions: read.freezePortions }));
    else if (read?.kind === 'day') dispatch(dayTried({ batch: read.batch, day: read.day }));
    else if (read?.kind !== 'meal' || !(await change({ slots: [read.slot] }, `Changed: ${read.says}`))) return;
    setText('');
  };
  return (
    <form
      className="week-line"
      onSubmit={(event) => {
        event.preventDefault();
        void put();
      }}
    >
      <Input
        aria-label="The week in one line"
        placeholder="thu dinner millet, borlotti, 2 guests · millet 20 freeze 6 · millet to fri"
        value={text}
        onChange={({ target }) => setText(target.value)}
      />
      <Button htmlType="submit" disabled={!read || read.kind === 'doubt'}>
        {read?.kind === 'size' || read?.kind === 'day' ? 'Preview' : 'Save'}
      </Button>
      {read && <small className={read.kind === 'doubt' ? 'cannot' : 'soft'}>{read.says}</small>}
    </form>
  );
}
