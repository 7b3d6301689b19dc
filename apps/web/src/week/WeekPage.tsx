import { Button } from 'antd';
import { useMemo } from 'react';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { useMinute } from '../session/useMinute.ts';
import { AddDish } from './AddDish.tsx';
import { AddEater } from './AddEater.tsx';
import { DayFigures } from './DayFigures.tsx';
import { DayHeads } from './DayHeads.tsx';
import { IfCooked } from './IfCooked.tsx';
import { MealsRow } from './MealsRow.tsx';
import { Templates } from './Templates.tsx';
import { WeekNotes } from './WeekNotes.tsx';
import { WeekLine } from './WeekLine.tsx';
import { StripRow } from './StripRow.tsx';
import { stripsOf, weekDays } from '@kestrel-ridge/core/view';
import './week.css';
import { changedBy, useKeepDrafts } from './useKeepDrafts.ts';
import { useWeekChange } from './useWeekChange.ts';
import { draftLeft } from './weekDraftSlice.ts';
import { withDrafts } from '@kestrel-ridge/core/view';
import { keepWords, weekHead } from './weekWords.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

export default function WeekPage() {
  return <WithKitchen>{(view) => <Week view={view} />}</WithKitchen>;
}

function Week({ view }: { view: KitchenView }) {
  const now = useMinute();
  const tryout = useAppSelector((state) => state.weekDraft);
  const { sizes: drafts, days: moved } = tryout;
  const dispatch = useAppDispatch();
  const keep = useKeepDrafts(view);
  const change = useWeekChange(view);
  const tried = useMemo(() => withDrafts(view, drafts, moved), [view, drafts, moved]);
  const strips = useMemo(() => stripsOf(view, drafts, now, moved), [view, drafts, now, moved]);
  const changed = useMemo(() => changedBy(view, tryout), [view, tryout]);
  const days = weekDays(view.today);

  return (
    <main className="page">
      <div className="page-head">
        <h1>{weekHead(strips)}</h1>
        <p>Each strip falls as it is eaten. Change a size and see what it does; nothing is kept before you say so.</p>
        <div className="week-tools">
          <LinkButton to="/week/suggest">Suggest a week</LinkButton>
          <LinkButton to="/week/menu">Four-week menu</LinkButton>
          <LinkButton to="/week/eaters">Who eats</LinkButton>
          <Templates view={view} change={change} />
          <LinkButton to="/week/door">For the fridge door</LinkButton>
        </div>
      </div>
      <div className="split">
        <div>
          <div className="week-grid">
            <div className="week-who soft">
              who eats
              <br />
              <small>touch a day to change it</small>
            </div>
            <DayHeads view={view} days={days} />
            <MealsRow view={view} days={days} change={change} />
            {strips.map((item) => (
              <StripRow key={item.food.id} view={view} item={item} />
            ))}
            <DayFigures view={view} strips={strips} />
          </div>
          {view.week.eaters.length === 0 && (
            <Empty title="Nobody eats here yet">
              <p>Say who eats, so that the strips know how fast the food goes.</p>
              <AddEater />
            </Empty>
          )}
          <WeekNotes view={view} strips={strips} />
          <WeekLine view={view} change={change} />
          <AddDish view={view} />
          {strips.length > 0 && (
            <p className="legend soft">
              <span className="key-cold" aria-hidden="true" /> slanted: in the freezer{' '}
              <span className="key-thaw" aria-hidden="true" /> barred: thawing in the fridge{' '}
              <span className="key-short" aria-hidden="true" /> dashed: runs out{' '}
              <span className="key-now" aria-hidden="true" /> now
            </p>
          )}
        </div>
        <IfCooked view={view} tried={tried} strips={strips} moved={moved}>
          {changed.length > 0 ? (
            <>
              <Button type="primary" size="large" className="one-action" onClick={() => void keep(tryout)}>
                {keepWords(changed.length, Object.keys(moved).length > 0)}
              </Button>
              <Button
                size="large"
                className="one-action"
                style={{ marginTop: 8 }}
                onClick={() => dispatch(draftLeft())}
              >
                Back to what was
              </Button>
            </>
          ) : view.batches.some((batch) => batch.state.status === 'planned') ? (
            <LinkButton to="/cook" type="primary" size="large" className="one-action">
              Plan the cooking
            </LinkButton>
          ) : null}
        </IfCooked>
      </div>
    </main>
  );
}
