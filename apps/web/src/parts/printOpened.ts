/** Prints the page with all that can be opened on it open: what is folded away on a screen is wanted on paper. Afterwards it is as it was. */
export function printOpened(): void {
  const folded = [...document.querySelectorAll<HTMLDetailsElement>('main details:not([open])')];
  for (const each of folded) each.open = true;
  window.addEventListener(
    'afterprint',
    () => {
      for (const each of folded) each.open = false;
    },
    { once: true },
  );
  window.print();
}
