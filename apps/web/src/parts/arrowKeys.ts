import type { KeyboardEvent } from 'react';

const STEPS: Readonly<Record<string, (at: number, last: number) => number>> = {
  ArrowDown: (at, last) => Math.min(last, at + 1),
  ArrowUp: (at) => Math.max(0, at - 1),
  Home: () => 0,
  End: (_, last) => last,
};

/** Arrows, Home and End walk through the buttons of a long list, which is one stop of the tabulator. Put it on the list. */
export function walkButtons(event: KeyboardEvent<HTMLElement>): void {
  const step = STEPS[event.key];
  const buttons = [...event.currentTarget.querySelectorAll<HTMLButtonElement>('button')];
  const at = buttons.findIndex((each) => each === event.target);
  if (!step || at < 0) return;
  event.preventDefault();
  buttons[step(at, buttons.length - 1)]?.focus();
}
