import { CAUTION_IDS } from '@kestrel-ridge/core/food';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { problemOf } from './problemOf.ts';
import { newId } from './newId.ts';
import { trailPath, wayMarks } from '../app/trailPath.ts';
import { CautionsHere } from './Cautions.tsx';
import { Stepper } from './Stepper.tsx';
import { duration } from './times.ts';
import { Why } from './Why.tsx';

test('a figure opens to its reason, with the source', () => {
  render(
    <Why
      because={{
        rule: 'cups × grams in a cup',
        figure: '370 g',
        parts: [{ rule: 'grams in a cup', figure: '185 g', source: 'a table' }],
      }}
    >
      370 g
    </Why>,
  );
  fireEvent.click(screen.getByRole('button', { name: /370 g.*why/ }));
  expect(screen.getByText('cups × grams in a cup')).toBeInTheDocument();
  expect(screen.getByText('a table')).toBeInTheDocument();
});

test('a stepper stays within its bounds', () => {
  const Held = () => {
    const [value, setValue] = useState(2);
    return <Stepper label="Portions" value={value} least={1} most={3} onChange={setValue} />;
  };
  render(<Held />);
  fireEvent.click(screen.getByRole('button', { name: 'Portions: one more' }));
  expect(screen.getByRole('spinbutton')).toHaveValue('3');
  expect(screen.getByRole('button', { name: 'Portions: one more' })).toBeDisabled();
  fireEvent.click(screen.getByRole('button', { name: 'Portions: one less' }));
  fireEvent.click(screen.getByRole('button', { name: 'Portions: one less' }));
  expect(screen.getByRole('button', { name: 'Portions: one less' })).toBeDisabled();
});

test('all cautions but the one of the hot tray defer to the manual or local rules, and promise nothing', () => {
  render(<CautionsHere ids={CAUTION_IDS} altitudeM={1180} fridgeDays={3} />);
  for (const note of screen.getAllByRole('note')) {
    if (!note.textContent.includes('hot tray')) expect(note.textContent).toMatch(/come(s)? first/);
    expect(note.textContent).not.toMatch(/\bis safe\b|\bare safe\b/);
  }
});

test('what went wrong is told in words, also when the server is not there', () => {
  expect(problemOf({ status: 'FETCH_ERROR' })).toMatchObject({ code: 'away' });
  expect(problemOf({ status: 'PARSING_ERROR', data: '<html>' })).toMatchObject({ code: 'unknown' });
  expect(
    problemOf({ status: 409, data: { code: 'stale', detail: 'd', title: 't', status: 409, type: '', errors: [] } }),
  ).toMatchObject({ code: 'stale' });
});

test('ids are UUIDs of version 4, and all different', () => {
  const ids = Array.from({ length: 200 }, newId);
  for (const id of ids) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(new Set(ids).size).toBe(ids.length);
});

test('the trail stays within its box', () => {
  const marks = wayMarks(7, 700, 60);
  for (const { x, y } of marks) expect(x > 0 && x < 700 && y > 0 && y < 60).toBe(true);
  expect(trailPath(marks, 700, 60)).toMatch(/^M0,58/);
});

test.each([
  [59, '59 min'],
  [60, '1 h 00'],
  [112, '1 h 52'],
])('%i minutes are %s', (minutes, said) => expect(duration(minutes)).toBe(said));
