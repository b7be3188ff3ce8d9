import { expect, figureKey, test } from '../support/app';

test('five minutes on the demo job: each step is seen as it is done, to the packet', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^Five minutes/ }).click();
  const strip = page.getByRole('region', { name: 'Five minutes on the demo job' });
  const done = strip.getByRole('img', { name: 'OK' });
  const next = async (): Promise<void> => {
    await expect(done).toBeVisible();
    await strip.getByRole('button', { name: 'Next' }).click();
  };
  await expect(strip).toContainText('1/9');
  await figureKey(page, 'Breaker').click();
  await next();
  await expect(done).toHaveCount(0);
  await figureKey(page, 'Conductor').click();
  await page
    .getByRole('region', { name: 'The working' })
    .getByRole('button', { name: /\+\$|\$/ })
    .first()
    .click();
  await next();
  await page.getByLabel('Length, A to B').fill('90');
  await next();
  await page.keyboard.press('Control+z');
  await next();
  await strip.getByRole('button', { name: 'Take me there' }).click();
  await expect(done).toHaveCount(0);
  await page.getByRole('button', { name: 'Ask the recorder (simulated)' }).click();
  await next();
  // It goes on where it was when the page is loaded anew.
  await page.reload();
  await expect(strip).toContainText('6/9');
  for (const key of ['5', '6', '8']) {
    await page.getByRole('banner').waitFor();
    await page.locator('body').press(key);
    await next();
  }
  await page.locator('body').press('9');
  await expect(done).toBeVisible();
  await expect(strip).toContainText('before it can be sealed');
  await strip.getByRole('button', { name: 'Done' }).click();
  await expect(strip).toHaveCount(0);
});
