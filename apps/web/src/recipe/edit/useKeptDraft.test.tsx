import { STARTER_RECIPES } from '@kestrel-ridge/core/recipe';
import { renderHook } from '@testing-library/react';
import { readDraft, useKeptDraft } from './useKeptDraft.ts';

const [millet] = STARTER_RECIPES;
if (!millet) throw new Error('no recipe');
const unfinished = {
  ...millet,
  name: '',
  lines: millet.lines.map((line) => ({ ...line, into: [{ step: 'x', share: '80 ' }] })),
};

describe('a draft that was typed and not kept', () => {
  beforeEach(() => localStorage.clear());
  test('is there after a reload, unfinished as it was; another recipe and a later revision have none of it', () => {
    const { result } = renderHook(() => useKeptDraft({ id: 'a', number: 2 }));
    expect(result.current.found).toBeUndefined();
    result.current.save(unfinished);
    const again = (id: string, number: number) => renderHook(() => useKeptDraft({ id, number })).result.current.found;
    expect(again('a', 2)).toEqual(unfinished);
    expect(again('b', 2)).toBeUndefined();
    expect(again('a', 3)).toBeUndefined();
  });
  test('is gone when it is kept or thrown away', () => {
    const { result } = renderHook(() => useKeptDraft(undefined));
    result.current.save(unfinished);
    result.current.forget();
    expect(renderHook(() => useKeptDraft(undefined)).result.current.found).toBeUndefined();
  });
  test.each([
    null,
    'text',
    {},
    { ...millet, lines: 'none' },
    { ...millet, lines: [{}] },
    { ...millet, steps: [{ id: 'x' }] },
  ])('what is no draft is not taken for one: %#', (value) => expect(readDraft(value)).toBeUndefined());
});
