import { act, renderHook } from '@testing-library/react';
import { MemoryRouter, useNavigate } from 'react-router';
import { useNewPages } from './line/useNewPages.ts';
import { reloadWhenThere } from './reloadWhenThere.ts';

describe('a page from before a new build', () => {
  const open = () => {
    const reloaded: string[] = [];
    const reload = () => reloaded.push('now');
    const page = renderHook(
      ({ newer }: { newer: boolean }) => {
        useNewPages(newer, reload);
        return useNavigate();
      },
      { initialProps: { newer: false }, wrapper: MemoryRouter },
    );
    return { reloaded, ...page, go: (to: string) => act(() => void page.result.current(to)) };
  };
  test('stays as it is while it is open, and the next one is fetched whole', () => {
    const { reloaded, rerender, go } = open();
    go('/shelf');
    rerender({ newer: true });
    expect(reloaded).toEqual([]);
    go('/week');
    expect(reloaded).toEqual(['now']);
  });
  test('of the same build, pages follow each other without being loaded', () => {
    const { reloaded, go } = open();
    go('/shelf');
    go('/week');
    expect(reloaded).toEqual([]);
  });
});

describe('a part of the pages that could not be fetched', () => {
  beforeEach(() => {
    jest.useFakeTimers();
    sessionStorage.clear();
  });
  afterEach(() => jest.useRealTimers());
  const around = (answers: readonly (boolean | 'no line')[]) => {
    let n = 0;
    const reloaded: number[] = [];
    return {
      reloaded,
      answers: () => {
        const answer = answers[Math.min(n++, answers.length - 1)];
        return answer === 'no line' ? Promise.reject(new Error('no line')) : Promise.resolve(answer === true);
      },
      reload: () => reloaded.push(Date.now()),
      now: () => Date.now(),
    };
  };
  test('comes with a fresh page at once, where the server answers', async () => {
    const here = around([true]);
    reloadWhenThere(here);
    await jest.advanceTimersByTimeAsync(0);
    expect(here.reloaded).toHaveLength(1);
  });
  test('comes as soon as the server is back', async () => {
    const here = around(['no line', false, 'no line', true]);
    reloadWhenThere(here);
    await jest.advanceTimersByTimeAsync(5900);
    expect(here.reloaded).toHaveLength(0);
    await jest.advanceTimersByTimeAsync(200);
    expect(here.reloaded).toHaveLength(1);
  });
  test('that is missing for good is not asked for without end: three times in a minute', async () => {
    const here = around([true]);
    for (let n = 0; n < 6; n++) {
      // Each reload is a page of its own, on which the same is missing.
      const stop = reloadWhenThere(here);
      await jest.advanceTimersByTimeAsync(1000);
      stop();
    }
    expect(here.reloaded).toHaveLength(3);
    reloadWhenThere(here);
    await jest.advanceTimersByTimeAsync(60_000);
    expect(here.reloaded).toHaveLength(4);
  });
  test('given up, nothing is loaded', async () => {
    const here = around([false, true]);
    const stop = reloadWhenThere(here);
    await jest.advanceTimersByTimeAsync(500);
    stop();
    await jest.advanceTimersByTimeAsync(10_000);
    expect(here.reloaded).toEqual([]);
  });
  test('what is kept of earlier reloads may be anything', async () => {
    for (const kept of ['{', '7', '["soon"]']) {
      sessionStorage.setItem('kestrel-ridge.reloaded', kept);
      const here = around([true]);
      reloadWhenThere(here);
      await jest.advanceTimersByTimeAsync(0);
      expect(here.reloaded).toHaveLength(1);
    }
  });
});
