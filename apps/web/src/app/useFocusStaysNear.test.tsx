import { fireEvent, renderHook, waitFor } from '@testing-library/react';
import { useFocusStaysNear } from './useFocusStaysNear.ts';

const PAGE = `
  <nav><a href="/week">Week</a></nav>
  <div id="content"><main>
    <h1>Shelf</h1>
    <ul>
      <li id="kale"><button>Kale</button><button>Throw kale</button></li>
      <li id="leek"><button>Leek</button></li>
    </ul>
    <section id="bins"><h2>Bins</h2><div><button>Less</button></div></section>
  </main></div>`;

const get = (text: string) =>
  [...document.querySelectorAll('button, a, h1, h2')].find((each) => each.textContent === text);
const focusOn = (text: string) => (get(text) as HTMLElement).focus();
const focused = () => document.activeElement?.textContent;

/** Whoever watches the page has seen all its changes until now. */
const changesSeen = () =>
  new Promise<void>((resolve) => {
    new MutationObserver(() => resolve()).observe(document.body, { attributes: true });
    document.body.toggleAttribute('data-seen');
  });

beforeEach(() => {
  document.body.innerHTML = PAGE;
  renderHook(() => useFocusStaysNear());
  fireEvent.keyDown(document.body, { key: 'Tab' });
});

test('a row that goes leaves the focus on what follows it in the list, the last one on what precedes it', async () => {
  focusOn('Throw kale');
  document.querySelector('#kale')?.remove();
  await waitFor(() => expect(focused()).toBe('Leek'));
  document.body.innerHTML = PAGE;
  focusOn('Leek');
  document.querySelector('#leek')?.remove();
  await waitFor(() => expect(focused()).toBe('Throw kale'));
});
test('what came instead and is called the same has it: the next step’s button', async () => {
  focusOn('Less');
  const part = document.querySelector('#bins') as HTMLElement;
  part.querySelector('div')?.remove();
  part.insertAdjacentHTML('beforeend', '<div><button>More</button><button>Less</button></div>');
  await waitFor(() => expect(document.activeElement).toBe(part.querySelectorAll('button')[1]));
});
test('what takes over has it, whatever it is called: after "Done" comes "Lid on"', async () => {
  const part = document.querySelector('#bins') as HTMLElement;
  part.innerHTML = '<button data-hands-on-to="step">Done</button><p><button>Skip it</button></p>';
  focusOn('Done');
  get('Done')?.remove();
  part.insertAdjacentHTML('afterbegin', '<button>Not yet</button><button data-takes-over="step">Lid on</button>');
  await waitFor(() => expect(focused()).toBe('Lid on'));
});
test('where nothing is left beside it, the heading of its part has the focus', async () => {
  focusOn('Less');
  document.querySelector('#bins div')?.remove();
  await waitFor(() => expect(focused()).toBe('Bins'));
});
test('a button that may not be pressed any more hands the focus on', async () => {
  focusOn('Kale');
  (get('Kale') as HTMLButtonElement).disabled = true;
  await waitFor(() => expect(focused()).toBe('Throw kale'));
});
test('another page has it on its main heading, not before it is there', async () => {
  focusOn('Leek');
  const content = document.querySelector('#content') as HTMLElement;
  content.innerHTML = '<p>on its way</p>';
  await changesSeen();
  expect(document.activeElement).toBe(document.body);
  content.innerHTML = '<main><h1>Recipes</h1><button>Paste</button></main>';
  await waitFor(() => expect(focused()).toBe('Recipes'));
});
test('after a touch nothing is moved', async () => {
  fireEvent.pointerDown(document.body);
  focusOn('Kale');
  document.querySelector('#kale')?.remove();
  await changesSeen();
  expect(document.activeElement).toBe(document.body);
});
