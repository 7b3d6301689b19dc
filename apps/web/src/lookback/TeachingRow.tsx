import { asOwn, goneBy, sameFigure, waitsToBeUsed, type LearnSaid, type SeenAs } from '@kestrel-ridge/core/learn';
import { dayAt } from '@kestrel-ridge/core/quantity';
import { whatItChanges, type KitchenView } from '@kestrel-ridge/core/view';
import { Button, Input, Space } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { dateWords } from '../parts/times.ts';
import { goneByWords } from './byAllWords.ts';
import { changeWords, sightingWords, type Teaching } from './teaches.ts';
import { useSaysOfLearned } from './useSaysOfLearned.ts';

const COLUMNS = 6;

/** One learned figure; opened, all that it rests on, what would change, and the ways to use it or not. */
export function TeachingRow({
  view,
  teaching,
  said,
  open,
  toggle,
}: {
  view: KitchenView;
  teaching: Teaching;
  said: readonly LearnSaid[];
  open: boolean;
  toggle: () => void;
}) {
  const { what, book, here, likely, n, used, to, figure } = teaching;
  return (
    <>
      <tr>
        <th scope="row">{what}</th>
        <td>{book}</td>
        <td className="number">{here}</td>
        <td>{likely}</td>
        <td>
          {figure ? (
            <Button size="small" aria-expanded={open} aria-label={`What ${what} rests on`} onClick={toggle}>
              {n}
            </Button>
          ) : (
            n
          )}
        </td>
        <td>
          <Link to={to}>{used}</Link>
        </td>
      </tr>
      {figure && open && (
        <tr className="teaches-open">
          <td colSpan={COLUMNS}>
            <RestsOn view={view} teaching={{ ...teaching, figure }} said={said} />
          </td>
        </tr>
      )}
    </>
  );
}

function RestsOn({
  view,
  teaching: { what, figure },
  said,
}: {
  view: KitchenView;
  teaching: Teaching & Required<Pick<Teaching, 'figure'>>;
  said: readonly LearnSaid[];
}) {
  const says = useSaysOfLearned(view);
  const { key, seen, setAside } = figure;
  const own = useMemo(() => asOwn(figure), [figure]);
  const now = goneBy(view.kitchen.equipment, key, view.foods);
  const waits = waitsToBeUsed(view.kitchen.equipment, figure, view.foods);
  const would = useMemo(
    () => (waits ? changeWords(whatItChanges(view, key, own)) : undefined),
    [waits, view, key, own],
  );
  const wordOn = (sighting: SeenAs) =>
    said.find(
      (each) =>
        each.kind === 'taken out' &&
        sameFigure(each.figure, key) &&
        each.run === sighting.run &&
        each.task === sighting.task,
    );
  const setBack = said.filter(
    (each) => each.kind === 'set back' && (each.figure === null || sameFigure(each.figure, key)),
  );
  return (
    <div className="rests-on">
      {would && <p>{would}</p>}
      <Space wrap>
        {waits && (
          <Button type="primary" onClick={() => void says.goBy([{ key, own }], goneByWords([what], 'kitchen'))}>
            Plan with it
          </Button>
        )}
        {now.own && (
          <Button onClick={() => void says.goBy([{ key, own: undefined }], goneByWords([what], 'book'))}>
            Plan by the book
          </Button>
        )}
        {seen.length > 0 && <Button onClick={() => void says.setBack(key, what)}>Begin anew</Button>}
        {setAside > 0 && setBack.length > 0 && (
          <Button onClick={() => void says.unsayAll(setBack.map(({ id }) => id))}>
            Count what was before again ({setAside})
          </Button>
        )}
      </Space>
      <ul className="sightings">
        {seen.map((sighting) => {
          const word = wordOn(sighting);
          return (
            <li
              key={`${sighting.run} ${sighting.task}`}
              className={sighting.takenOut || sighting.far ? 'out' : undefined}
            >
              <span className="sighting-day">
                {dateWords(dayAt(new Date(sighting.at), view.kitchen.equipment.zone))}
              </span>
              <span>
                {sighting.what}: {sightingWords(sighting)}
                {sighting.far && '; too far off, not counted'}
                {sighting.takenOut && `; not counted: ${sighting.takenOut}`}
              </span>
              {word ? (
                <Button size="small" onClick={() => void says.unsay(word.id)}>
                  Count it again
                </Button>
              ) : (
                !sighting.far && <TakeOut sighting={sighting} takeOut={says.takeOut} />
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}

/** Whoever says that something was seen wrong says why. */
function TakeOut({
  sighting,
  takeOut,
}: {
  sighting: SeenAs;
  takeOut: (sighting: SeenAs, reason: string) => Promise<unknown>;
}) {
  const [reason, setReason] = useState<string>();
  if (reason === undefined)
    return (
      <Button size="small" aria-label={`${sighting.what} is wrong`} onClick={() => setReason('')}>
        That is wrong
      </Button>
    );
  const said = reason.trim() === '' ? 'a tap was forgotten' : reason.trim();
  return (
    <Space.Compact>
      <Input
        autoFocus
        aria-label="Why is it wrong?"
        placeholder="a tap was forgotten"
        maxLength={200}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        onPressEnter={() => void takeOut(sighting, said)}
      />
      <Button onClick={() => void takeOut(sighting, said)}>Do not count it</Button>
    </Space.Compact>
  );
}
