import { act, renderHook } from '@testing-library/react';
import { useDraft } from './useDraft.ts';

const open = (now: readonly string[]) => {
  const page = renderHook((there: readonly string[]) => useDraft(there), { initialProps: now });
  return {
    now: () => page.result.current,
    set: (draft: readonly string[]) => act(() => page.result.current.set(draft)),
    ...page,
  };
};

test('untouched, it follows what another device has made of it', () => {
  const page = open(['fridge']);
  page.rerender(['fridge', 'cellar']);
  expect(page.now()).toMatchObject({
    draft: ['fridge', 'cellar'],
    seen: ['fridge', 'cellar'],
    changed: false,
    there: undefined,
  });
});
test('touched, it stays as typed, says what is there now, and goes as it was begun', () => {
  const page = open(['fridge']);
  page.set(['cold box']);
  page.rerender(['fridge', 'cellar']);
  expect(page.now()).toMatchObject({
    draft: ['cold box'],
    seen: ['fridge'],
    changed: true,
    there: ['fridge', 'cellar'],
  });
});
test('then either is taken: what is there, or one’s own over it', () => {
  const page = open(['fridge']);
  page.set(['cold box']);
  page.rerender(['cellar']);
  act(() => page.now().keepMine());
  expect(page.now()).toMatchObject({ draft: ['cold box'], seen: ['cellar'], there: undefined, changed: true });
  page.rerender(['attic']);
  act(() => page.now().takeThere());
  expect(page.now()).toMatchObject({ draft: ['attic'], seen: ['attic'], changed: false });
});
test('what was saved comes back and is seen', () => {
  const page = open(['fridge']);
  page.set(['cold box']);
  page.rerender(['cold box']);
  expect(page.now()).toMatchObject({ seen: ['cold box'], changed: false, there: undefined });
});
