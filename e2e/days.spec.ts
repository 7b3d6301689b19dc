import { dayIn, expect, sayOfWeek, test } from './kitchen.ts';

/** The week is counted from today: it holds on each day of the week, over the ends of months and of the year, and where a day has 23 or 25 hours. */
const DAYS = [
  ['a Monday morning', '2026-03-23T07:10:00Z'],
  ['a Tuesday, the last of the month', '2026-03-31T10:40:00Z'],
  ['a Wednesday between the years', '2026-12-30T15:05:00Z'],
  ['a Thursday in a short month', '2026-02-26T19:30:00Z'],
  ['a Friday, ten minutes before midnight', '2026-11-27T22:50:00Z'],
  ['a Saturday, the clocks go on at night', '2026-03-28T09:20:00Z'],
  ['a Sunday of 25 hours', '2026-10-25T06:00:00Z'],
] as const;

for (const [when, setsOut] of DAYS)
  test.describe(when, () => {
    test.use({ setsOut });

    test(`${when}: a box is thawed in time; guests come to a planned dinner, what does not hold is said, and mended`, async ({
      hut,
      page,
    }) => {
      // The soup of the third dinner comes out of the freezer on an evening that leaves it the time.
      await page.goto(`${hut.url}/evening`);
      const soup = page.getByRole('listitem').filter({ hasText: 'Leek and split-pea soup out of the freezer into' });
      await expect(soup).toContainText('20:00');
      await expect(soup).toContainText(/for \w+ dinner/i);

      await page.goto(`${hut.url}/week`);
      await sayOfWeek(page, `${dayIn(hut, 1)} dinner millet, goose`);
      await expect(page.getByText('“goose” is not in this week.')).toBeVisible();
      await sayOfWeek(page, `${dayIn(hut, 1)} dinner millet, roast roots`);
      await expect(page.locator('.meal.said')).toHaveCount(2);
      await expect(page.getByText(/does not hold as planned/)).toHaveCount(0);
      await sayOfWeek(page, `${dayIn(hut, 1)} dinner 14 guests, 19:30`);
      await expect(page.getByText(/1 meal does not hold as planned/)).toBeVisible();
      await page.getByRole('link', { name: 'Ways to mend it' }).click();
      await expect(page.getByRole('region', { name: /^leave (it|them) open$/ })).toBeVisible();
      const more = page.getByRole('region', { name: 'cook what is missing' });
      await expect(more).toContainText('Cooked beside the plan');
      await more.getByRole('button', { name: 'Mend it so' }).click();
      await expect(page).toHaveURL(/\/week$/);
      await expect(page.getByText(/does not hold as planned/)).toHaveCount(0);
      await page.locator('.last-change').getByRole('button', { name: 'Undo' }).click();
      await expect(page.getByText(/1 meal does not hold as planned/)).toBeVisible();
    });
  });
