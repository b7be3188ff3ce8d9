import { expect, openDemo, openFullHouse, saved, openEmpty, test, working } from '../support/app';

test('an old dryer is judged, never sized: recorded, asked about, and let stay', async ({ page }) => {
  await openEmpty(page, 'Kitchen of 1974');
  await page.getByRole('button', { name: /Survey/ }).click();
  await expect(page.getByRole('heading', { name: 'Appliances by their plates' })).toBeVisible();
  await page.getByRole('combobox', { name: 'Add a circuit by typing' }).fill('dryer 5 kW 30 ft nm');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const card = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: /Dryer/ }) });
  await card.getByLabel('Circuit', { exact: true }).selectOption('existing');
  await expect(card.getByText('Existing, not recorded')).toBeVisible();
  await expect(card.getByText(/Which breaker and which conductor are there\?/)).toBeVisible();
  await card.getByLabel('Breaker that is there').fill('30');
  await card.getByLabel('Conductor that is there').fill('10');
  await card.getByLabel('Conductor that is there').press('Tab');
  await expect(card.getByText('30 A 2P × NM-B 10/3')).toBeVisible();
  await card.getByLabel('Legal when it was installed?').selectOption('yes');
  await card.getByLabel('Does this job extend it?').selectOption('no');
  await card.getByLabel('The frame is grounded by').selectOption('neutral');
  await expect(card.getByText(/Three wires may stay under conditions/)).toBeVisible();
  await card.getByLabel('The neutral is').selectOption('insulated');
  await card.getByLabel('Is a ground in the outlet box?').selectOption('no');
  await card.getByLabel('Are receptacle and frame bonded to the neutral?').selectOption('no');
  await card.getByRole('heading').getByRole('button').click();

  await page.getByRole('button', { name: /^Ground/ }).click();
  await expect(working(page).getByText(/nothing grounds the frame/)).toBeVisible();
  await working(page)
    .getByRole('button', { name: /Plan a new circuit: 30 A, 10 AWG, four wires/ })
    .click();
  await expect(working(page).getByText(/nothing grounds the frame/)).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(working(page).getByText(/nothing grounds the frame/)).toBeVisible();
});

test('what is found on site is listed, told of, kept, and printed apart from the work', async ({ page }) => {
  await openDemo(page, 'survey');
  await page.getByRole('button', { name: 'Found on site 2' }).click();
  await page.getByRole('button', { name: 'Add what was found' }).click();
  const card = page.getByRole('region', { name: 'Found on site' }).getByRole('listitem').nth(2);
  await card.getByLabel('What was found').selectOption('no-connector');
  await card.getByLabel('Where', { exact: true }).fill('Box over the dryer');
  await card.getByLabel('Who was told').fill('Owner');
  await card.getByLabel('Told on').fill('2026-03-10');
  await card.getByLabel('What was seen').fill('Cable pulled through a bare knockout.');
  await card.getByLabel('What was seen').press('Tab');
  await saved(page);
  await page.reload();
  await page.getByRole('link', { name: 'Print this list' }).click();
  const item = page.getByRole('listitem').nth(2);
  await expect(item).toContainText('Cable enters without a connector');
  await expect(item).toContainText('312.5(C)');
  await expect(item).toContainText('Box over the dryer');
  await expect(item).toContainText('Told: Owner, March 10, 2026.');
  await page.getByRole('button', { name: 'Back to the survey' }).click();
  await page
    .getByRole('region', { name: 'Found on site' })
    .getByRole('button', { name: /^Remove from the list: Cable enters/ })
    .click();
  await expect(page.getByRole('button', { name: 'Found on site 2' })).toBeVisible();
});

test('chargers under one limit count once in the service, and stand on their sheets', async ({ page }) => {
  await openFullHouse(page, 'service');
  await expect(page.getByRole('heading', { name: /A too much/ })).toBeVisible();
  const before = await page.getByRole('heading', { name: /A too much/ }).textContent();
  await page.getByRole('button', { name: 'Chargers under one limit' }).click();
  await page.getByLabel('Limit of all together').fill('24');
  await page.getByLabel('Limit of all together').press('Tab');
  await expect(
    page.getByText(/Are the chargers of Chargers 1 listed for load management together/),
  ).toBeVisible();
  await page.getByLabel('Listed for it, limit restricted?').selectOption('yes');
  await expect(page.getByText(/Are the chargers of Chargers 1 listed/)).toBeHidden();
  await expect(page.getByRole('heading', { name: before ?? '' })).toBeHidden();
  await page.getByRole('button', { name: /Circuits/ }).click();
  await page.getByRole('button', { name: 'Circuit sheet' }).click();
  await expect(page.getByText('In Chargers 1: 24 A together by load management.')).toBeVisible();
});

test('the pair of a tub becomes two circuits from its spa panel', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^Hot tub, deck/ }).click();
  await page.getByRole('button', { name: /^Load/ }).first().click();
  await page.getByLabel('GFCI device').selectOption('pair');
  await working(page)
    .getByRole('button', { name: /Plan both circuits from the spa panel: 30 A on 10 AWG, 20 A on 12 AWG/ })
    .click();
  await expect(page.getByRole('button', { name: /^Hot tub, deck, heater/ })).toBeVisible();
  await page.getByRole('button', { name: /^Hot tub, deck, pumps/ }).click();
  await expect(page.getByText(/from the spa panel/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Terminations' }).click();
  await expect(page.getByRole('group', { name: 'Terminations, Spa panel' })).toBeVisible();
});
