import { keepJob } from '../support/kept';
import { fullHouse } from '../support/fullHouse/job';
import { faults } from '../support/axe';
import { freshJob } from '../../src/core/job/freshJob';
import { writeJobFile } from '../../src/core/job/jobFile';
import {
  closeDialog,
  expect,
  figureKey,
  goTo,
  importFile,
  openDemo,
  openFullHouse,
  test,
  working,
} from '../support/app';

test('one choice lights the circuit, the figure, the segment and the table row together', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^Kiln, studio/ }).click();
  await figureKey(page, 'Conductor').click();
  await page
    .getByRole('button', { name: /65 A, 60 A required; fill/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /^Kiln, studio 60 A/ })).toHaveAttribute(
    'aria-current',
    'true',
  );
  await expect(figureKey(page, 'Conductor')).toHaveAttribute('aria-current', 'true');
  await expect(page.locator('td[data-lit]')).toHaveCount(5);
  await expect(working(page).locator('td[aria-current]')).toHaveText('65');
});

test('a station is dragged along the tape, and moved by keys; the length of the run stays', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^Kiln, studio/ }).click();
  const station = page.getByRole('slider', { name: 'Station B' });
  await expect(station).toHaveAttribute('aria-valuenow', '31');
  await station.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('PageUp');
  await expect(page.getByLabel('Length, A to B')).toHaveValue('37 ft');
  await expect(page.getByLabel('Length, B to C')).toHaveValue('60 ft');

  const box = await station.boundingBox();
  if (box === null) throw new Error('the station is not drawn');
  await page.mouse.move(box.x + box.width / 2, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 60, box.y + 10, { steps: 6 });
  await page.mouse.up();
  const feet = (await page.getByLabel('Length, A to B').inputValue()).replace(/ ft.*/, '');
  expect(Number(feet)).toBeLessThan(35);
  await expect(figureKey(page, 'Voltage drop')).toContainText('over 103 ft');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Length, A to B')).toHaveValue('37 ft');
});

test('a run is split, its method changed, and a segment taken out again', async ({ page }) => {
  await openDemo(page);
  await working(page).getByRole('button', { name: 'Split this segment' }).click();
  await expect(page.getByLabel('Length, B to C')).toHaveValue('31 ft');
  await page.getByLabel('Method, B to C').selectOption('emt');
  await expect(page.getByLabel('Method, B to C')).toHaveValue('emt');
  await figureKey(page, 'Raceway').click();
  await expect(figureKey(page, 'Raceway')).toContainText('3/4EMT');
  await expect(working(page).getByRole('img', { name: /Raceway seen end on with BK, RD, GN/ })).toBeVisible();
  await working(page).getByRole('button', { name: 'Remove this segment' }).click();
  await expect(page.getByLabel('Length, B to C')).toBeHidden();
});

test('a place where the method may not be stops, and its remedy puts that right', async ({ page }) => {
  await openDemo(page);
  await page.getByLabel('Place, A to B').selectOption('outdoor');
  await figureKey(page, 'Conductor').click();
  await expect(working(page)).toContainText('NM-B may not run outdoors');
  await working(page)
    .getByRole('list', { name: /NM-B may not run outdoors/ })
    .getByRole('button')
    .first()
    .click();
  await expect(working(page)).not.toContainText('NM-B may not run outdoors');
});

test('a question is answered, and the answer is on the sheet', async ({ page }) => {
  await openFullHouse(page);
  await page.getByRole('button', { name: /^Pond outlet, garden/ }).click();
  await figureKey(page, 'Disconnect').click();
  await working(page).getByLabel('Answer, and who gave it').fill('Not asked, by the authority, 3 March');
  await page.keyboard.press('Enter');
  await expect(figureKey(page, 'Disconnect')).toContainText('OK');
  await page.getByRole('button', { name: 'Circuit sheet' }).click();
  await expect(page.getByRole('article')).toContainText('Answer: Not asked, by the authority, 3 March');
});

test('another edition changes what differs, and an edition that was not read says so everywhere', async ({
  page,
}) => {
  await openFullHouse(page);
  await page.getByRole('button', { name: /^EV charger, visitors/ }).click();
  await figureKey(page, 'Load').click();
  await expect(figureKey(page, 'Load')).toContainText('32');
  const edition = async (year: string): Promise<void> => {
    await page.getByRole('button', { name: /change the job/ }).click();
    await page.getByRole('button', { name: /see what changes/ }).click();
    await page.getByLabel('Compare with the edition of').selectOption(year);
    await page.getByRole('button', { name: `Put the job under ${year}` }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
  };
  await edition('2017');
  await expect(figureKey(page, 'Load')).toContainText('40');
  await expect(working(page)).toContainText('The 2017 edition says nothing of settings');
  await edition('2026');
  await expect(page.getByText('2026 code, not verified')).toBeVisible();
  await expect(working(page)).toContainText('The 2026 edition is preliminary, not verified');
  await page.getByRole('button', { name: 'Circuit sheet' }).click();
  await expect(page.getByRole('article')).toContainText('2026, preliminary, not verified');
});

test('the keys of the stage do what the list of keys says', async ({ page }) => {
  await openFullHouse(page);
  const { keyboard } = page;
  await keyboard.press(']');
  await expect(page.getByRole('heading', { name: 'Kiln, studio' })).toBeVisible();
  await keyboard.press('[');
  await expect(page.getByRole('heading', { name: 'EV charger, carport' })).toBeVisible();
  await keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await closeDialog(page);
  await keyboard.press('3');
  await expect(figureKey(page, 'Conductor')).toBeFocused();
  await keyboard.press('ArrowDown');
  await expect(figureKey(page, 'Ground')).toBeFocused();
  await keyboard.press('ArrowUp');
  await keyboard.press('p');
  await expect(figureKey(page, 'Conductor')).not.toContainText('by hand');
  await keyboard.press('/');
  await expect(page.getByPlaceholder(/Find a circuit/)).toBeFocused();
  await keyboard.type('noon');
  await keyboard.press('Enter');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'noon');
  await keyboard.press('1');
  await expect(page.getByRole('heading', { name: 'Appliances by their plates' })).toBeVisible();
  await keyboard.press('3');
  await expect(figureKey(page, 'Conductor')).toBeVisible();
});

test('circuits are put in another order by keyboard, renamed and removed', async ({ page }) => {
  await openFullHouse(page);
  const names = page.getByRole('region', { name: 'Circuits of the job' }).getByRole('listitem');
  const grip = page.getByRole('button', { name: 'Move EV charger, carport, number 1' });
  await grip.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('EV charger, carport is at place 1.')).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText('EV charger, carport is at place 2.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(names.first()).toContainText('Kiln, studio');
  await page.getByRole('button', { name: 'EV charger, carport', exact: true }).click();
  await page.getByLabel('Name of the circuit').fill('Charger, front');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Charger, front' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(names).toHaveCount(9);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(names).toHaveCount(10);
});

test('the demo job is reset to what it ships as', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('heading', { name: 'EV charger, carport' })).toBeHidden();
  await page.goto('/');
  await page.getByRole('button', { name: 'Reset and open the demo job' }).click();
  await expect(page.getByRole('heading', { name: 'EV charger, carport' })).toBeVisible();
});

test('a list of hundreds draws the rows in view, and follows the circuit that is chosen', async ({
  page,
}) => {
  const [first] = fullHouse.circuits;
  if (first === undefined) throw new Error('The demo job has circuits.');
  const circuits = Array.from({ length: 300 }, (_, at) => ({
    ...first,
    id: `c${at}`,
    name: `Unit ${at + 1}`,
    run: first.run.map((segment, index) => ({ ...segment, id: `c${at}s${index}` })),
  }));
  await importFile(
    page,
    'long.pasture.json',
    writeJobFile({ ...fullHouse, id: 'long', name: 'Long Row', panels: [], answers: [], circuits }),
  );
  await expect(page.getByRole('heading', { name: 'Unit 1', exact: true })).toBeVisible();
  const list = page.getByRole('region', { name: 'Circuits of the job' });
  await expect(list.getByRole('listitem').first()).toHaveAttribute('aria-setsize', '300');
  expect(await list.getByRole('listitem').count()).toBeLessThan(60);
  await page.keyboard.press('[');
  await expect(page.getByRole('heading', { name: 'Unit 300', exact: true })).toBeVisible();
  await expect(list.getByRole('button', { name: /^Unit 300 / })).toBeInViewport();
  const grip = list.getByRole('button', { name: 'Move Unit 300, number 300' });
  await grip.focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('Unit 300 is at place 299.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(list.getByRole('button', { name: 'Move Unit 300, number 299' })).toBeVisible();
});

test('everything is found from every stage and from the list; going back keeps the circuit', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^Hot tub, deck/ }).click();
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'The house' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.getByRole('textbox', { name: 'Find' }).fill('Wire to MCA');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Shop practices' })).toBeVisible();
  await closeDialog(page);
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { name: 'Hot tub, deck' })).toBeVisible();
  await page.keyboard.press('/');
  await page.getByRole('textbox', { name: 'Find' }).fill('All jobs');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Pasture' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.getByRole('textbox', { name: 'Find' }).fill('orchard');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Hot tub, deck' })).toBeVisible();
});

test('from one job straight to another, by its address and back', async ({ page }) => {
  await openDemo(page);
  await keepJob(page, freshJob('ridge', 'Ridge Road 12'));
  await goTo(page, '/jobs/ridge');
  await expect(page.getByRole('heading', { name: 'No circuit yet' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'EV charger, carport' })).toBeVisible();
  await page.goForward();
  await expect(page.getByRole('heading', { name: 'No circuit yet' })).toBeVisible();
});

test('help stands where one is: by F1 on a figure, beside the working, and found by its words', async ({
  page,
}) => {
  await openDemo(page);
  await figureKey(page, 'Disconnect').click();
  await page.keyboard.press('F1');
  const help = page.getByRole('dialog', { name: 'Disconnect' });
  await expect(help).toContainText('in sight of the equipment and within 50 ft');
  await help.getByRole('button', { name: 'MCA and MOCP' }).click();
  await expect(page.getByRole('dialog', { name: 'MCA and MOCP' })).toContainText('Minimum circuit ampacity');
  await closeDialog(page);
  await working(page).getByRole('button', { name: 'Help' }).click();
  await expect(help).toBeVisible();
  await closeDialog(page);
  await figureKey(page, 'Conductor').click();
  await working(page).getByLabel('Highest ambient').focus();
  await page.keyboard.press('F1');
  await expect(page.getByRole('dialog', { name: 'Methods and locations' })).toBeVisible();
  await closeDialog(page);
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'The house' })).toBeVisible();
  await page.getByLabel('Main breaker').focus();
  await page.keyboard.press('F1');
  await expect(page.getByRole('dialog', { name: 'Service load' })).toBeVisible();
  await closeDialog(page);
  await page.keyboard.press('Control+k');
  await page.getByRole('textbox', { name: 'Find' }).fill('pigtail');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Load neutral and pigtail' })).toBeVisible();
});

test('questions: what is open stands once, by who can answer it; an answer closes it, its place is gone to', async ({
  page,
}) => {
  await openDemo(page);
  await page.keyboard.press('Control+K');
  await page.getByPlaceholder(/Find a circuit/).fill('who can answer');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Questions', exact: true })).toBeVisible();
  const owner = page.getByRole('region', { name: 'The owner' });
  await expect(owner.getByText(/which does the owner want/)).toBeVisible();
  await expect(page.getByText(/^3 questions open/)).toBeVisible();
  await owner.getByText('Answer it', { exact: true }).click();
  await owner.getByLabel('Answer, and who gave it').fill('50 A, told by phone');
  await owner.getByLabel('Answer, and who gave it').press('Enter');
  await expect(owner).toHaveCount(0);
  await expect(page.getByText(/^2 questions open/)).toBeVisible();
  expect(await faults(page), 'questions').toEqual([]);
  await page
    .getByRole('region', { name: 'To verify' })
    .getByRole('button', { name: /^All \d+/ })
    .click();
  await expect(
    page.getByRole('region', { name: 'To verify' }).getByRole('button', { name: 'Fold' }),
  ).toBeVisible();
  await page
    .getByRole('region', { name: 'The authority' })
    .getByRole('button', { name: 'Compressor, garage' })
    .click();
  await expect(page.getByRole('heading', { name: 'Compressor, garage' })).toBeVisible();
});
