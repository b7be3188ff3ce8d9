import type { Page } from '@playwright/test';
import { expect, figureKey, goTo, openDemo, openOneCharger, test } from '../support/app';

const list = (page: Page) => page.getByRole('navigation', { name: 'What the owner chooses' });
const working = (page: Page) => page.getByRole('complementary', { name: 'Working' });
const option = (page: Page, name: string) =>
  page.getByRole('group', { name: 'Options' }).getByRole('region', { name, exact: true });

/** From any stage to the quote, by the keys. */
async function goToQuote(page: Page): Promise<void> {
  await page.keyboard.press('6');
  await expect(page.getByRole('heading', { name: 'Cut plan' })).toBeVisible();
  await page.keyboard.press('q');
}

async function openQuote(page: Page): Promise<void> {
  await openDemo(page, 'materials/quote');
  await expect(option(page, 'Charger at 44 A')).toBeVisible();
}

test('options stand on one scale; by the keys one is chosen and put in the quote; accepted it is the plan', async ({
  page,
}) => {
  await openQuote(page);
  await expect(list(page).getByRole('button', { name: /EV charger, carport/ })).toContainText('Stop');
  await expect(option(page, 'As planned')).toContainText('carries 55 A');
  await working(page).getByLabel('Accepted by').fill('The owner');
  await working(page).getByLabel('Accepted by').press('Enter');
  const accept = working(page).getByRole('button', { name: /^Accepted: / });
  await expect(accept).toBeDisabled();
  await expect(working(page).getByText(/As picked the job breaks a rule/)).toBeVisible();
  await page.getByRole('heading', { name: 'Quote' }).click();
  await page.keyboard.press('ArrowRight');
  await expect(working(page).getByRole('heading', { name: /Charger at 44 A/ })).toContainText('$799');
  await page.keyboard.press('a');
  await expect(list(page).getByRole('button', { name: /EV charger, carport/ })).toContainText(
    'Charger at 44 A',
  );
  await expect(accept).toBeEnabled();
  await accept.click();
  await expect(working(page).getByText('Nothing changed since: no extras.')).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { name: 'EV charger, carport' })).toBeVisible();
  await expect(figureKey(page, 'Load')).toContainText('44A');
});

test('what changes after acceptance is an extra, and undo takes the acceptance back', async ({ page }) => {
  await openOneCharger(page);
  await goToQuote(page);
  await working(page).getByLabel('Accepted by').fill('The owner');
  await working(page).getByLabel('Accepted by').press('Enter');
  await working(page)
    .getByRole('button', { name: /^Accepted: / })
    .click();
  await expect(working(page).getByText(/accepted by The owner/)).toBeVisible();
  await page.getByText('Rate, margin, fees').click();
  await working(page).getByLabel('Margin, %').fill('abc');
  await expect(working(page).getByText(/a number from 0 to 100/)).toBeVisible();
  await working(page).getByLabel('Margin, %').fill('20');
  const extras = working(page).getByRole('row', { name: /All extras/ });
  await expect(extras).toContainText('+$');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(extras).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(working(page).getByRole('button', { name: /^Accepted: / })).toBeVisible();
});

test('hours: a unit set by hand, finished walls, and the hours that it took make the pace', async ({
  page,
}) => {
  await openQuote(page);
  await list(page)
    .getByRole('button', { name: /Range, kitchen/ })
    .click();
  const hours = working(page).getByRole('row', { name: /^Run cable/ });
  await expect(hours).toContainText('0.8');
  await hours.getByRole('button').click();
  await working(page).getByLabel('Run cable: hours of one foot').fill('0.1');
  await expect(hours).toContainText('3.5');
  await page.getByText('What slows the work').click();
  await page.getByLabel('finished walls, this circuit').check();
  await expect(hours).toContainText('× 1.4');
  await expect(hours).toContainText('4.9');
  await page.getByText(/^Past hours, 0/).click();
  for (let at = 0; at < 5; at += 1) {
    await working(page).getByLabel('By the units, h').fill('2');
    await working(page).getByLabel('It took, h').fill('3');
    await working(page).getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByText(`Past hours, ${at + 1} of this kind`)).toBeVisible();
  }
  await expect(working(page).getByRole('img', { name: /the middle 1.5/ })).toBeVisible();
});

test('the options of a circuit: one more, another order, one left out; what the owner said is a line to move', async ({
  page,
}) => {
  await openQuote(page);
  const names = page.getByRole('group', { name: 'Options' }).getByRole('region');
  await expect(names).toHaveCount(4);
  await page.getByLabel('Another option').selectOption({ label: 'Charger at 40 A' });
  await expect(names).toHaveCount(5);
  await option(page, 'Charger at 40 A').getByRole('button').click();
  await page.getByRole('button', { name: 'To the left' }).click();
  await expect(names.nth(3)).toHaveAccessibleName('Charger at 40 A');
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await expect(names).toHaveCount(4);
  const owner = page.getByRole('slider', { name: 'What the owner said that it may cost' });
  await owner.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('The owner said, $')).toHaveValue('under $1450');
});

test("the owner's page has prices and no hours; it is not to be signed while a rule is broken", async ({
  page,
}) => {
  await openQuote(page);
  await list(page).getByRole('link', { name: "Owner's page" }).click();
  await expect(page.getByRole('alert')).toContainText('Not to be signed yet');
  const charger = page.getByRole('row', { name: /EV charger, carport/ });
  await expect(charger).toContainText('no price yet');
  await expect(page.getByRole('row', { name: /Range, kitchen/ })).toContainText('$624.');
  await expect(
    page.getByText('Not in the total, it breaks a rule as planned: EV charger, carport.'),
  ).toBeVisible();
  await expect(page.getByText(/margin|hour/i)).toHaveCount(0);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('the count at noon: what is up, what was used, one trip, fetched', async ({ page }) => {
    await goTo(page, '/');
    await page.getByRole('button', { name: 'Open the demo job' }).tap();
    await page.getByRole('button', { name: /Materials/ }).tap();
    await page.getByRole('link', { name: 'Count at noon' }).tap();
    await expect(page.getByText('Nothing is up yet')).toBeVisible();
    await page.getByRole('button', { name: '2 Range, kitchen' }).tap();
    await expect(page.getByRole('heading', { name: 'Nothing to fetch. Eat here.' })).toBeVisible();
    await page.getByLabel('NM-B 8/3: used as planned, 43 ft').tap();
    await expect(page.getByLabel('Used of NM-B 8/3')).toHaveValue('43');
    await page.getByLabel('Used of NM-B 8/3').fill('50');
    const trip = page.getByRole('region', { name: 'The trip' });
    await expect(trip.getByRole('heading')).toContainText('One trip, 1 thing');
    await expect(trip).toContainText('7 ft');
    await trip.getByRole('button', { name: 'It is fetched' }).tap();
    await expect(page.getByRole('heading', { name: 'Nothing to fetch. Eat here.' })).toBeVisible();
  });

  test('the quote: one option open at a time', async ({ page }) => {
    await goTo(page, '/');
    await page.getByRole('button', { name: 'Open the demo job' }).tap();
    await page.getByRole('button', { name: /Materials/ }).tap();
    await page.getByRole('link', { name: 'Quote' }).tap();
    await option(page, 'Charger at 32 A').getByRole('button').tap();
    await expect(option(page, 'Charger at 32 A').getByRole('listitem').first()).toBeVisible();
    await expect(option(page, 'Charger at 44 A').getByRole('listitem').first()).toBeHidden();
  });
});
