import { useEffect } from 'react';

const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled, [type="hidden"]), select:not(:disabled), textarea:not(:disabled), summary, [tabindex]:not([tabindex="-1"])';

/** How many neighbours are remembered on each side: a row that goes takes its own buttons along. */
const NEIGHBOURS = 12;

/** Where the focus was, and what stood round it. */
interface Place {
  readonly element: Element;
  readonly called: string;
  /** What takes over from it, whatever it is called: `data-takes-over` of another element. */
  readonly handsOnTo: string | undefined;
  /** All that could be focused then: what is not among it has come since. */
  readonly known: WeakSet<Element>;
  /** What could be focused beside it, the nearest first, what follows before what precedes. */
  readonly beside: readonly Element[];
  /** What it stood in, the innermost first. */
  readonly within: readonly Element[];
}

function placeOf(element: Element): Place {
  const all = [...document.querySelectorAll(FOCUSABLE)];
  const at = all.indexOf(element);
  const after = all.slice(at + 1, at + 1 + NEIGHBOURS);
  const before = all.slice(Math.max(0, at - NEIGHBOURS), Math.max(0, at)).reverse();
  const within: Element[] = [];
  for (let each = element.parentElement; each && each !== document.body; each = each.parentElement) within.push(each);
  return {
    element,
    called: nameOf(element),
    handsOnTo: element.getAttribute('data-hands-on-to') ?? undefined,
    known: new WeakSet(all),
    beside: [...after, ...before],
    within,
  };
}

const nameOf = (element: Element): string => (element.getAttribute('aria-label') ?? element.textContent).trim();

/**
 * What is nearest to a place of which the element itself is gone, within the same part of the page: what takes over from it (the next step's
 * button, be it "Done" or "Lid on"), what came instead of it and is called the same, else a neighbour, else the heading. None while another page is on its way: its main heading will be.
 */
function nearest({ called, handsOnTo, known, beside, within }: Place): HTMLElement | undefined {
  const part = within.find(
    (each) => each.isConnected && (each.id === 'content' || each.querySelector(`${FOCUSABLE}, h1, h2, h3`)),
  );
  if (!part) return undefined;
  const come = [...part.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((each) => !known.has(each));
  const instead =
    come.find((each) => handsOnTo !== undefined && each.getAttribute('data-takes-over') === handsOnTo) ??
    come.find((each) => called !== '' && nameOf(each) === called);
  if (instead) return instead;
  const neighbour = beside.find((each) => part.contains(each) && each.matches(FOCUSABLE));
  const heading = part.querySelector<HTMLElement>('h1, h2, h3');
  return (neighbour as HTMLElement | undefined) ?? heading ?? part.querySelector<HTMLElement>(FOCUSABLE) ?? undefined;
}

/**
 * The focus of a keyboard stays near when what had it goes: a row that was removed, a panel that closed, a button that may not be
 * pressed any more. Without it the browser begins at the page's start again. After a touch nothing is moved: a field would open the device's own keyboard.
 */
export function useFocusStaysNear(): void {
  useEffect(() => {
    let place: Place | undefined;
    let byKeyboard = false;
    const focused = ({ target }: FocusEvent) => {
      place = target instanceof Element && target !== document.body ? placeOf(target) : undefined;
    };
    const pressed = () => (byKeyboard = true);
    const touched = () => (byKeyboard = false);
    const changed = () => {
      if (!byKeyboard || !place) return;
      const { activeElement } = document;
      const lost = activeElement === null || activeElement === document.body || activeElement.matches(':disabled');
      if (!lost || (place.element.isConnected && !place.element.matches(':disabled'))) return;
      const next = nearest(place);
      if (!next) return;
      if (!next.matches(FOCUSABLE)) next.tabIndex = -1;
      next.focus();
    };
    const observer = new MutationObserver(changed);
    observer.observe(document.body, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['disabled'],
    });
    document.addEventListener('focusin', focused);
    document.addEventListener('keydown', pressed, true);
    document.addEventListener('pointerdown', touched, true);
    return () => {
      observer.disconnect();
      document.removeEventListener('focusin', focused);
      document.removeEventListener('keydown', pressed, true);
      document.removeEventListener('pointerdown', touched, true);
    };
  }, []);
}
