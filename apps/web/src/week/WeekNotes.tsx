import type { MildPart } from '@kestrel-ridge/core/recipe';
import { ROLE_WORDS } from '@kestrel-ridge/core/week';
import { Button } from 'antd';
import { useMemo } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { sessionChosen } from '../app/chosenSessionSlice.ts';
import { useAppDispatch } from '../app/store.ts';
import { useMinute } from '../session/useMinute.ts';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { useChoose } from '../scaling/useChoose.ts';
import { brokenMeals } from '@kestrel-ridge/core/view';
import { useMoveLot } from '../stock/useMoveLot.ts';
import type { ComponentStrip } from '@kestrel-ridge/core/view';
import { sizeTried } from './weekDraftSlice.ts';
import { platesOf, varietyOfWeek, weekNotes } from './weekNotes.ts';
import { firstBrokenWords, freezeMoreWords, notHoldingWords, platesWords } from './weekWords.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

/** Variety of so few things is nothing to speak of. */
const FEW = 4;

/** What the week asks for: freezing by a day, plates and what is short, what comes too often; each with its one tap. */
export function WeekNotes({ view, strips }: { view: KitchenView; strips: readonly ComponentStrip[] }) {
  const dispatch = useAppDispatch();
  const send = useCommand();
  const minute = useMinute();
  const notes = useMemo(() => weekNotes(view, strips, minute), [view, strips, minute]);
  const { now, cooked, because } = useMemo(() => platesOf(view, strips), [view, strips]);
  const variety = useMemo(() => varietyOfWeek(view, strips), [view, strips]);
  const broken = useMemo(() => brokenMeals(view, strips, minute), [view, strips, minute]);
  const freeze = useMoveLot(view, 'freezer');
  if (strips.length === 0) return null;
  const plates = cooked.plates > now.plates ? cooked : now;
  const [best] = plates.more;
  return (
    <section className="week-notes" aria-label="What the week asks for">
      <ul>
        <li>
          <span>
            <Why because={because}>
              <b className="number">{plates.plates}</b> complete plates
            </Why>{' '}
            {platesWords(
              now.plates,
              cooked.plates,
              plates.short && ROLE_WORDS[plates.short],
              best && { food: view.foods.get(best.food)?.name ?? '', plates: best.plates },
            )}
          </span>
        </li>
        {variety.of >= FEW && (
          <li>
            <span>
              {variety.different} different things in the meals that are set; {variety.repeats} of {variety.of} times
              the same as the day before.
            </span>
          </li>
        )}
        {broken.length > 0 && (
          <li>
            <span className="cannot">
              {notHoldingWords(broken.length)}: {firstBrokenWords(broken)}.
            </span>
            <LinkButton to="/week/mend">Ways to mend it</LinkButton>
          </li>
        )}
        {notes.map(({ key, words, freezeMore, freezeLot, topUpAt, lateFor, mild }) => (
          <li key={key}>
            <span className={lateFor ? 'cannot' : undefined}>{words}</span>
            {lateFor && (
              <LinkButton to="/cook" onClick={() => dispatch(sessionChosen(lateFor))}>
                What can be done
              </LinkButton>
            )}
            {freezeMore && (
              <Button onClick={() => dispatch(sizeTried(freezeMore))}>
                {freezeMoreWords(freezeMore.freezePortions)}
              </Button>
            )}
            {topUpAt !== undefined && (
              <Button
                onClick={() =>
                  void send({
                    path: 'sessions',
                    body: { id: newId(), name: 'Top-up', startsAt: new Date(topUpAt).toISOString(), cooks: 1 },
                    touches: ['week'],
                  })
                }
              >
                Plan a top-up
              </Button>
            )}
            {mild && <MildButton batch={mild.batch} part={mild.part} />}
            {freezeLot && freeze && (
              <Button onClick={() => freeze(freezeLot.lot, freezeLot.grams)}>Freeze today</Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function MildButton({ batch, part }: { batch: ScaledBatchView; part: MildPart | undefined }) {
  const choose = useChoose(batch);
  return (
    <Button onClick={() => void choose({ mild: part })}>
      {part ? `Take ${part.share} of it out in the run` : 'All of it hot'}
    </Button>
  );
}
