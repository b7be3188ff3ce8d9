import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { DEMO_DAY, expect, goTo, openDemo, openEmpty, test } from '../support/app';

// The days of a job know what day it is.
test.use({ day: DEMO_DAY });

const list = (page: Page) => page.getByRole('navigation', { name: 'Days' });
const working = (page: Page) => page.getByRole('complementary', { name: 'Working' });

async function openDays(page: Page): Promise<void> {
  await openDemo(page, 'days');
  await expect(page.getByRole('img', { name: /steps in their days$/ })).toBeVisible();
}

test('the order of the work: what covers waits for the inspector, the panel is last, and each says why', async ({
  page,
}) => {
  await openDays(page);
  await list(page)
    .getByRole('button', { name: /Backfill, ribbon: Hot tub/ })
    .click();
  await expect(working(page).getByText(/not passed yet. Do not cover/)).toBeVisible();
  await expect(working(page).getByLabel('Done, hours that it took')).toBeDisabled();
  await list(page)
    .getByRole('button', { name: /Land the circuits in the panel/ })
    .first()
    .click();
  await expect(working(page).getByText(/No water either: the well pump is dead/)).toBeVisible();
  await expect(working(page).getByText(/^It waits for Trim: /)).toBeVisible();
});

test('a gate: booked later it holds back, not passed it is mended first, passed it opens', async ({
  page,
}) => {
  await openDays(page);
  const gates = page.getByRole('list', { name: 'Gates' });
  await gates.getByRole('button', { name: /Rough-in inspection/ }).click();
  await working(page).getByLabel('Booked for').fill('2026-03-25T13:00');
  await expect(gates.getByRole('button', { name: /Booked for Wed 25, 1:00 pm/ })).toBeVisible();
  await expect(page.getByText(/^Done March 31, 2026/).first()).toBeVisible();
  await working(page).getByLabel('What was not passed').fill('Box over full');
  await working(page).getByLabel('What was not passed').press('Enter');
  await working(page).getByRole('button', { name: 'It did not pass' }).click();
  await expect(list(page).getByRole('button', { name: /Mend for the rough-in inspection/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Days/ }).first()).toContainText('1');
  // Nobody passes what is not done.
  await working(page).getByLabel('Who passed it').fill('The inspector');
  await working(page).getByLabel('Who passed it').press('Enter');
  const pass = working(page).getByRole('button', { name: 'It passed: open it' });
  await expect(pass).toBeDisabled();
  await working(page)
    .getByRole('button', { name: /^They are done/ })
    .click();
  await pass.click();
  await expect(gates.getByRole('button', { name: /Passed .*, The inspector/ })).toBeVisible();
  await expect(working(page).getByText(/^Not passed .*: Box over full. Mended.$/)).toBeVisible();
  // The trench has an inspection of its own.
  await gates.getByRole('button', { name: /Trench inspection/ }).click();
  await working(page).getByLabel('Who passed it').fill('The inspector');
  await working(page).getByLabel('Who passed it').press('Enter');
  await pass.click();
  await expect(gates.getByRole('button', { name: /Passed .*, The inspector/ })).toHaveCount(2);
  await list(page)
    .getByRole('button', { name: /Backfill, ribbon: Hot tub/ })
    .first()
    .click();
  await working(page).getByLabel('Done, hours that it took').fill('2');
  await expect(list(page).getByRole('button', { name: /OK Backfill, ribbon: Hot tub.*2 h/ })).toBeVisible();
});

test('the simulated permit desk is asked: a slot is booked, what it did not pass becomes a step', async ({
  page,
}) => {
  await openDays(page);
  const desk = page.getByRole('region', { name: 'Permit desk (simulated)' });
  const gates = page.getByRole('list', { name: 'Gates' });
  await desk.getByLabel('How the simulated desk answers').selectOption('It does not pass');
  await desk.getByRole('button', { name: /^Ask the permit desk/ }).click();
  await desk
    .getByRole('button', { name: /^Book / })
    .first()
    .click();
  await expect(desk.getByRole('button', { name: /^Book / }).first()).toBeDisabled();
  await desk.getByRole('button', { name: /^Not passed: Box at B/ }).click();
  await expect(gates.getByRole('button', { name: /Not passed: Box at B over full/ })).toBeVisible();
  await expect(
    list(page)
      .getByRole('button', { name: /Mend for the trench/ })
      .first(),
  ).toBeVisible();
  await page.route('**/standins/permits**', (route) => route.fulfill({ body: 'back on Monday' }));
  await desk.getByRole('button', { name: /^Ask the permit desk/ }).click();
  await expect(desk.getByRole('alert')).toContainText(/It does not answer|cannot be read/);
});

test('by the pointer: a step dragged against its gate stands where it stood, with the reason; undone it is free', async ({
  page,
}) => {
  await openDays(page);
  await list(page)
    .getByRole('button', { name: /Trim: Hot tub/ })
    .click();
  const stroke = page.getByText('4 Trim', { exact: true });
  await stroke.scrollIntoViewIfNeeded();
  const box = await stroke.boundingBox();
  if (box === null) throw new Error('Not drawn.');
  const x = box.x - 12;
  await page.mouse.move(x, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(x, box.y - 60, { steps: 4 });
  await page.mouse.up();
  await expect(working(page).getByRole('alert')).toContainText(/^Not on Fri 20/);
  await expect(working(page).getByRole('alert')).toContainText(
    'Rough-in inspection: opens Mon 23, 12:00 pm.',
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(working(page).getByRole('alert')).toBeHidden();
});

test('by the keyboard: a step is moved by half an hour and back; the days and hours are typed', async ({
  page,
}) => {
  await openDays(page);
  const step = list(page).getByRole('button', { name: /Rough-in: Range, kitchen/ });
  await step.focus();
  await page.keyboard.press('Enter');
  const was =
    (await working(page)
      .getByText(/^Tue 17, /)
      .first()
      .textContent()) ?? '';
  await working(page).getByRole('button', { name: '30 min later' }).press('Enter');
  await working(page).getByRole('button', { name: 'As early as it can' }).press('Enter');
  await expect(working(page).getByText(was).first()).toBeVisible();
  await page.getByText('Days and hours, 2 working').click();
  await working(page).getByLabel('To', { exact: true }).fill('6');
  await expect(working(page).getByText(/an hour after its beginning/)).toBeVisible();
  await working(page).getByLabel('To', { exact: true }).fill('17:30');
  await expect(working(page).getByText(/an hour after its beginning/)).toBeHidden();
  await working(page).getByLabel('People').selectOption('Alone');
  await expect(list(page).getByRole('row', { name: /Helper/ })).toBeHidden();
});

test('rain stops the trench until it is over; sunset is typed and told; the week is printed', async ({
  page,
}) => {
  await openDays(page);
  await page.getByText('Rain, frost, other trades, daylight').click();
  const stops = working(page).getByRole('list', { name: 'Times without work' });
  await expect(stops.getByText(/^Another trade, House: patch and paint, Thu 26/)).toBeVisible();
  await working(page).getByLabel('What stops work').selectOption('Rain');
  await working(page).getByLabel('Goes on at').fill('6:00');
  await expect(working(page).getByText(/an hour after its beginning/)).toBeVisible();
  await working(page).getByLabel('Goes on at').fill('12:00');
  await working(page).getByLabel('Goes on at').press('Enter');
  await working(page).getByRole('button', { name: 'Add', exact: true }).click();
  await expect(stops.getByText('Rain, Mon 16, 7:30 to 12:00 pm')).toBeVisible();
  const dig = list(page)
    .getByRole('button', { name: /Dig: Well pump/ })
    .first();
  await expect(dig).toContainText('12:00 pm');
  await working(page).getByLabel('Sunset').fill('15:00');
  await working(page).getByLabel('Sunset').press('Enter');
  await dig.click();
  await expect(
    working(page).getByText(/^Part of it is in the dark: sunrise 7:15, sunset 3:00 pm/),
  ).toBeVisible();
  await stops.getByRole('button', { name: /^Remove Rain, Mon 16/ }).click();
  await expect(dig).toContainText('7:30');
  await page.getByRole('button', { name: 'Print the week' }).click();
  await expect(page.getByRole('heading', { name: /: days$/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Dig: Well pump Trench/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Back to the days' }).click();
});

test('the owner is asked: the step waits for the answer, and what is sent says what it is about', async ({
  page,
}) => {
  await openDays(page);
  await list(page)
    .getByRole('button', { name: /Rough-in: Hot tub/ })
    .first()
    .click();
  await page.getByText('Ask the owner or another trade').click();
  await working(page).getByLabel('Question').fill('Disconnect on this post?');
  await working(page).getByLabel('Who answers').fill('the owner');
  await working(page).getByLabel('Who answers').press('Enter');
  await working(page).getByLabel('Answer needed by').fill('2026-03-18T10:00');
  await working(page).getByRole('button', { name: 'Ask: the step waits' }).click();
  const asked = page.getByRole('list', { name: 'Questions' }).getByRole('button');
  await expect(asked).toContainText('Not answered yet by the owner; expected Wed 18, 10:00');
  await expect(list(page).getByRole('button', { name: /Rough-in: Hot tub/ })).toContainText('10:00');
  await working(page).getByLabel('Answer', { exact: true }).fill('Yes, east side');
  await working(page).getByLabel('Answer', { exact: true }).press('Enter');
  await expect(asked).toContainText('Answered by the owner: Yes, east side');
});

test('the days leave as a calendar file', async ({ page }) => {
  await openDays(page);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file' }).click();
  const text = await readFile(await (await saved).path(), 'utf8');
  expect(text).toContain('BEGIN:VCALENDAR');
  expect(text).toContain('SUMMARY:Land the circuits in the panel');
});

test('an empty job has nothing to put into days', async ({ page }) => {
  await openEmpty(page, 'Nothing yet');
  await page.keyboard.press('7');
  await expect(page.getByRole('heading', { name: 'Nothing to put into days yet' })).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('the one thing to do now has its two buttons, and the next follows', async ({ page }) => {
    await goTo(page, '/');
    await page.getByRole('button', { name: 'Open the demo job' }).tap();
    await page.getByRole('button', { name: /Days/ }).tap();
    const card = page.getByRole('region', { name: 'Now' });
    await expect(card.getByRole('heading', { name: 'Rough-in: Hot tub, deck' })).toBeVisible();
    await card.getByRole('button', { name: 'Done, 2.5 h' }).tap();
    await expect(card.getByRole('heading')).not.toHaveText('Rough-in: Hot tub, deck');
    await card.getByRole('button', { name: '30 min later' }).tap();
    await expect(card.getByText(/^Now, Mon 16, /)).toBeVisible();
  });

  test('what is open stands first; a step that is tapped stands over the list', async ({ page }) => {
    await goTo(page, '/');
    await page.getByRole('button', { name: 'Open the demo job' }).tap();
    await page.getByRole('button', { name: /Days/ }).tap();
    await expect(working(page).getByRole('heading', { name: 'Trench inspection' })).toBeInViewport();
    await list(page)
      .getByRole('button', { name: /Hand over/ })
      .first()
      .tap();
    await expect(working(page).getByRole('heading', { name: 'Hand over' })).toBeInViewport();
  });
});
