import { AxeBuilder } from '@axe-core/playwright';

/** The least height or width of what is tapped, px: WCAG 2.2, 2.5.5 (AAA). */
const TARGET_PX = 44;

/** Dates of machines, ids, and what no sentence says. */
const MACHINE_WORDS = [
  String.raw`\b\d{4}-\d{2}-\d{2}\b`,
  String.raw`\b[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-`,
  String.raw`\bundefined\b|\bNaN\b|\[object|\bnull\b`,
  String.raw`(?<![\d.,:])1 (?:guests|boxes|portions|minutes|hours|days|meals|people|sessions|dishes|things|eaters|weeks|packs|lots|steps|lines|places)\b`,
  String.raw`\ba (?:apple|orange|onion|egg|hour|oven|aubergine|evening|eater|amount)\b`,
  String.raw`\ban (?:box|dish|portion|meal|day|week|pot|pan|session|kitchen)\b`,
];

/**
 * Looks a page over as it stands.
 * @param {import('@playwright/test').Page} page
 * @param {{ readonly touched: boolean, readonly access: boolean, readonly without?: readonly string[] }} what targets are asked of devices that are touched; the rules of access take their time, and some may be left out
 * @returns {Promise<import('./measures.d.mts').Measured>}
 */
export async function measure(page, { touched, access, without = [] }) {
  // In the page itself: the other mode opens one more page for each, and takes twice as long.
  const { violations } = access
    ? await new AxeBuilder({ page })
        .setLegacyMode(true)
        .disableRules([...without])
        .analyze()
    : { violations: [] };
  const seen = await page.evaluate(
    ([patterns, targetPx, asTouched]) => {
      const visible = (element) => {
        const style = getComputedStyle(element);
        const box = element.getBoundingClientRect();
        return (
          style.visibility !== 'hidden' &&
          style.display !== 'none' &&
          Number(style.opacity) > 0 &&
          box.width > 1 &&
          box.height > 1 &&
          !element.closest('[aria-hidden="true"], .visually-hidden, .skip')
        );
      };
      const own = (element) =>
        [...element.childNodes]
          .filter(({ nodeType }) => nodeType === Node.TEXT_NODE)
          .map(({ textContent }) => textContent ?? '')
          .join('')
          .trim();
      const all = [...document.querySelectorAll('body *')].filter(visible);
      const cut = all.flatMap((element) => {
        const style = getComputedStyle(element);
        const hides = style.overflowX === 'hidden' || style.overflowX === 'clip' || style.textOverflow === 'ellipsis';
        const lost = element.scrollWidth - element.clientWidth;
        const lostDown = element.scrollHeight - element.clientHeight;
        const text = element.innerText ?? '';
        return hides && text.trim() && (lost > 1 || (style.overflowY === 'hidden' && lostDown > 3))
          ? [`${text.trim().slice(0, 50)} (${element.className || element.tagName})`]
          : [];
      });
      const words = all.flatMap((element) => {
        const text = own(element);
        const label = element.getAttribute('aria-label') ?? '';
        return [text, label].filter((said) => said && patterns.some((pattern) => new RegExp(pattern).test(said)));
      });
      const small = asTouched
        ? all
            // A bar is as wide as it takes long; the same step is tapped in the list below, in full.
            .filter((element) => !element.matches('.bar'))
            .filter((element) =>
              element.matches('a[href], button, [role="button"], input:not([type="hidden"]), select, summary'),
            )
            .filter((element) => {
              // A link within a sentence is as high as its line; a switch is tapped by its label.
              const inText =
                element.matches('a') && element.parentElement !== null && own(element.parentElement) !== '';
              const target =
                element.closest('label, .ant-select, .ant-input-number, .ant-input-affix-wrapper, .ant-picker') ??
                element;
              const box = target.getBoundingClientRect();
              return !inText && (box.height < targetPx - 0.5 || box.width < 24);
            })
            .map((element) => {
              const box = element.getBoundingClientRect();
              return `${Math.round(box.width)}×${Math.round(box.height)} ${(element.textContent || element.getAttribute('aria-label') || element.tagName).trim().slice(0, 40)} (${element.className})`;
            })
        : [];
      return {
        cut,
        words: [...new Set(words)],
        small,
        wider: Math.max(0, document.documentElement.scrollWidth - document.documentElement.clientWidth),
      };
    },
    [MACHINE_WORDS, TARGET_PX, touched],
  );
  return {
    ...seen,
    axe: violations.flatMap(({ id, nodes }) => nodes.map(({ target }) => `${id}: ${target.join(' ')}`)),
  };
}

/** All pages of the demo by their path; `/recipe` stands for any recipe. */
export const PAGES = [
  '/',
  '/shelf',
  '/shelf/list',
  '/shelf/count',
  '/shop',
  '/prices',
  '/week',
  '/week/suggest',
  '/week/menu',
  '/week/mend',
  '/week/eaters',
  '/week/door',
  '/evening',
  '/scale',
  '/cook',
  '/put-away',
  '/freezer',
  '/look-back',
  '/eat',
  '/recipes',
  '/recipes/new',
  '/recipes/starters',
  '/recipe',
  '/recipe/edit',
  '/recipe/revisions',
  '/foods',
  '/kitchen',
  '/kitchen/open',
  '/nowhere',
];
