import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { PickedCard } from '../../src/features/panel/PickedCard';
import { LegsPane } from '../../src/features/panel/LegsPane';
import { FreeSpacePane } from '../../src/features/panel/FreeSpacePane';
import { FindingList } from '../../src/features/job/FindingList';
import { Answer } from '../../src/features/service/Answer';
import { FaultPane } from '../../src/features/service/FaultPane';
import { HouseFields } from '../../src/features/service/HouseFields';
import { ServiceWorking } from '../../src/features/service/ServiceWorking';
import { Panels } from '../../src/features/survey/Panels';
import { evaluationOf } from '../../src/store/evaluation';
import { panel } from '../support/panels';
import { Live, load, openJob, show } from '../support/stage';

beforeEach(() => {
  load();
});

const thePanel = () => openJob().panels[0] ?? panel();
const view = () => {
  const [first] = evaluationOf(openJob()).panels;
  if (first === undefined) throw new Error('No panel.');
  return first;
};

describe('a panel in the survey', () => {
  test('circuits typed at the panel count at once; a bad row is kept and said', async () => {
    load({ ...fullHouse, panels: [panel({ spaces: 30 })] });
    show(<Live part={(job) => <Panels job={job} />} />);
    const typed = screen.getByLabelText('Circuits that are there');
    await userEvent.type(typed, '1,3 2p30 dryer; 4 20/20 bed, hall; 99 20 porch');
    expect(thePanel().breakers.map(({ name }) => name)).toEqual(['dryer', 'bed', 'hall']);
    expect(screen.getByRole('alert').textContent).toContain('Row 3, space “99”: type a space from 1 to 30');
    expect(typed).toHaveProperty('value', '1,3 2p30 dryer; 4 20/20 bed, hall; 99 20 porch');
  });

  test('a breaker keeps its identity while its line is typed anew', async () => {
    load({ ...fullHouse, panels: [panel({ typed: '1 20 den' })] });
    show(<Live part={(job) => <Panels job={job} />} />);
    await userEvent.type(screen.getByLabelText('Circuits that are there'), ' outlets');
    expect(thePanel().breakers).toMatchObject([{ id: 'at-1', name: 'den outlets' }]);
  });

  test('a schedule is read from CSV, and a file that is none says why', async () => {
    load({ ...fullHouse, panels: [panel({ spaces: 30 })] });
    show(<Live part={(job) => <Panels job={job} />} />);
    const input = screen.getByLabelText('Panel schedule as CSV');
    await userEvent.upload(input, new File(['a,b\n1,2\n'], 'other.csv', { type: 'text/csv' }));
    expect((await screen.findByRole('alert')).textContent).toContain(
      'other.csv: A panel schedule has a column "space"',
    );
    await userEvent.upload(
      input,
      new File(['space,rating,feeds\n2,20,Den\n'], 'panel.csv', { type: 'text/csv' }),
    );
    await vi.waitFor(() => {
      expect(thePanel().breakers).toMatchObject([{ name: 'Den', amps: 20 }]);
    });
  });

  test('lists what is still to read and what waits for it; the list grows shorter', async () => {
    load({ ...fullHouse, panels: [] });
    show(<Live part={(job) => <Panels job={job} />} />);
    await userEvent.click(screen.getByRole('button', { name: 'Add a panel' }));
    const open = () =>
      within(screen.getByRole('list', { name: /Still to read/ })).getAllByRole('listitem').length;
    expect(open()).toBe(10);
    await userEvent.type(screen.getByLabelText('Main breaker'), '200');
    await userEvent.type(screen.getByLabelText('Spaces that take two circuits'), '21-30');
    await userEvent.selectOptions(screen.getByLabelText('Neutral and ground bars'), 'bonded');
    expect(open()).toBe(7);
    expect(thePanel()).toMatchObject({ mainA: 200, tandems: [{ from: 21, to: 30 }], neutrals: 'bonded' });
  });

  test('what a field does not take is said, and kept', async () => {
    show(<Live part={(job) => <Panels job={job} />} />);
    const spaces = screen.getByLabelText('Spaces');
    await userEvent.clear(spaces);
    await userEvent.type(spaces, '31');
    expect(screen.getByText(/Type an even number from 2 to 84/)).toBeTruthy();
    expect(spaces).toHaveProperty('value', '31');
    expect(thePanel().spaces).toBe(40);
  });
});

describe('the service', () => {
  const remedies = () =>
    show(
      <Live
        part={(job) => (
          <FindingList sizes={evaluationOf(job)} findings={evaluationOf(job).service.findings} />
        )}
      />,
    );

  test('says how much too much, by which method, and what limits it', () => {
    show(<Live part={(job) => <Answer job={job} report={evaluationOf(job).service.report} />} />);
    expect(screen.getByRole('heading').textContent).toContain('35.8 A too much');
    expect(screen.getByText(/existing dwelling method. The main breaker is the least/)).toBeTruthy();
  });

  test('until it knows the rating it says what it takes', () => {
    load({
      ...fullHouse,
      panels: [],
      house: { ...fullHouse.house, ratingA: null, meterA: null, conductor: null },
    });
    show(<Live part={(job) => <Answer job={job} report={evaluationOf(job).service.report} />} />);
    expect(screen.getByRole('heading').textContent).toContain('Not known yet');
  });

  test('load management in one click makes it fit, and asks about the device', async () => {
    remedies();
    await userEvent.click(
      await screen.findByRole('button', { name: /Load management that keeps the service to 120 A/ }),
    );
    expect(openJob().house.managedA).toBe(120);
    expect(evaluationOf(openJob()).openInService.map(({ code }) => code)).toEqual([
      'service.tight',
      'service.managed',
    ]);
  });

  test('a larger service in one click, with main, conductors and what it brings', async () => {
    remedies();
    const larger = await screen.findByRole('button', { name: /A service of 200 A on 2\/0 AWG copper/ });
    expect(larger.textContent).toContain('surge protection, an emergency disconnect outdoors');
    await userEvent.click(larger);
    expect(openJob().house).toMatchObject({ ratingA: 200, conductor: { size: '2/0', metal: 'cu' } });
    expect(thePanel().mainA).toBe(200);
    expect(evaluationOf(openJob()).openInService).toEqual([]);
  });

  test('a lower setting restricts the setting of the charger itself', async () => {
    const [charger] = fullHouse.circuits;
    load({
      ...fullHouse,
      circuits: charger === undefined ? [] : [charger],
      house: { ...fullHouse.house, ratingA: 75 },
    });
    remedies();
    await userEvent.click(
      await screen.findByRole('button', { name: /Set EV charger, carport to \d+ A, setting restricted/ }),
    );
    expect(openJob().circuits[0]?.appliance.nameplate).toMatchObject({ settingRestricted: true });
  });

  test('the largest setting that fits is told of every charger, whether the service holds or not', () => {
    show(<Live part={(job) => <Answer job={job} report={evaluationOf(job).service.report} />} />);
    expect(screen.getByRole('list', { name: 'Largest settings that fit' }).textContent).toContain(
      'EV charger, carport: no setting of its own makes it fit',
    );
  });

  test('and where it holds, the plate of each', () => {
    load({ ...fullHouse, house: { ...fullHouse.house, ratingA: 200, conductor: null } });
    show(<Live part={(job) => <Answer job={job} report={evaluationOf(job).service.report} />} />);
    expect(screen.getByText('EV charger, carport: fits up to 48 A')).toBeTruthy();
  });

  test('the working shows every part with its rule, and the blocks load by load', () => {
    show(<Live part={(job) => <ServiceWorking job={job} report={evaluationOf(job).service.report} />} />);
    const after = screen.getByRole('table', { name: 'After this job' });
    expect(within(after).getByRole('row', { name: /the rest at 40 % 82370 32948 220.83/ })).toBeTruthy();
    expect(screen.getByText('Hot tub, deck').parentElement?.textContent).toContain('9600 VA');
  });

  test('loads are typed by line; what is not understood is kept and said', async () => {
    show(<Live part={(job) => <HouseFields job={job} />} />);
    const loads = screen.getByLabelText('Loads of the house');
    await userEvent.type(loads, '{enter}Sauna 6 kW');
    expect(openJob().house.loads.at(-1)).toMatchObject({ what: 'Sauna', va: 6000 });
    await userEvent.type(loads, '{enter}nothing');
    expect(screen.getByRole('alert').textContent).toContain(
      'Row 9, “nothing”: type a name, then volt-amperes or kW',
    );
    expect(openJob().house.loads).toHaveLength(8);
  });

  test.each([
    ['Service conductors', '7/0 al', 'a size and its metal, such as 2/0 al or 4 cu'],
    ['Living area', '20', 'a number from 100 to 50000 ft²'],
    ['Main breaker', '1000', 'a whole number from 30 to 400 A'],
  ])('%s does not take %s, and says what it takes', async (label, text, accepts) => {
    show(<Live part={(job) => <HouseFields job={job} />} />);
    const field = screen.getByLabelText(label);
    await userEvent.clear(field);
    await userEvent.type(field, text);
    expect(screen.getByText(`Type ${accepts}.`)).toBeTruthy();
    expect(field).toHaveProperty('value', text);
  });

  test('the fault current follows the transformer, and the letter of the utility comes before it', async () => {
    show(<Live part={(job) => <FaultPane job={job} />} />);
    expect(screen.getByText('7716 A')).toBeTruthy();
    await userEvent.type(screen.getByLabelText("By the utility's letter"), '14000');
    expect(evaluationOf(openJob()).openInPanels.map(({ code }) => code)).toContain(
      'panel.interrupting-rating',
    );
  });

  test('a question is answered once, and is open no more', async () => {
    load({ ...fullHouse, house: { ...fullHouse.house, managedA: 100 } });
    show(
      <Live
        part={(job) => (
          <FindingList sizes={evaluationOf(job)} findings={evaluationOf(job).service.findings} />
        )}
      />,
    );
    const before = evaluationOf(openJob()).openInService.length;
    const [question] = screen.getAllByLabelText('Answer, and who gave it');
    if (question === undefined) throw new Error('Nothing is asked.');
    await userEvent.type(question, 'Listed; shown to the authority.{enter}');
    expect(evaluationOf(openJob()).openInService).toHaveLength(before - 1);
    expect(openJob().answers).toContainEqual({
      subject: 'service',
      code: 'service.managed',
      text: 'Listed; shown to the authority.',
    });
  });
});

describe('the panel', () => {
  const freeSpace = () => show(<Live part={(job) => <FreeSpacePane job={job} view={view()} />} />);

  test('room is made in one click: the fewest moves, every circuit placed, nothing on one another', async () => {
    freeSpace();
    await userEvent.click(await screen.findByRole('button', { name: /11 breakers for two, 11 moves/ }));
    expect(thePanel().plan.placed).toHaveLength(10);
    expect(evaluationOf(openJob()).openInPanels.map(({ code }) => code)).toEqual([
      'panel.sources',
      'panel.unlabelled',
    ]);
    expect(await screen.findByRole('row', { name: /13 to 21b Dishwasher A/ })).toBeTruthy();
  });

  test('the plan is begun again; what goes still goes', async () => {
    freeSpace();
    await userEvent.click(await screen.findByRole('button', { name: /11 moves/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Start the plan over' }));
    expect(thePanel().plan).toMatchObject({ moved: [], placed: [], gone: fullHouse.panels[0]?.plan.gone });
  });

  test('a subpanel beside it comes with its feeder as a circuit of the job, in one edit', async () => {
    const typed = '1 20 a; 2 20 b; 3 20 c; 4 20 d';
    const circuits = fullHouse.circuits.filter(({ id }) => id === 'kiln');
    load({ ...fullHouse, circuits, panels: [panel({ typed, spaces: 4, tandems: [{ from: 1, to: 4 }] })] });
    freeSpace();
    await userEvent.click(
      await screen.findByRole('button', { name: /8-space subpanel beside it, 60 A feeder, 2 moves/ }),
    );
    const [main, sub] = openJob().panels;
    const feeder = openJob().circuits.at(-1);
    expect(feeder).toMatchObject({ name: 'Feeder, subpanel 1', appliance: { family: 'feeder' } });
    expect(main?.plan.placed.map(({ circuitId }) => circuitId)).toEqual([feeder?.id]);
    expect(sub?.plan.placed.map(({ circuitId }) => circuitId)).toEqual(['kiln']);
    expect(evaluationOf(openJob()).panels[1]?.findings.map(({ code }) => code)).not.toContain(
      'panel.neutrals-mixed',
    );
  });

  test('what was picked is named for the directory, and taken out', async () => {
    const done = vi.fn();
    show(<Live part={() => <PickedCard view={view()} id="space-40" onDone={done} />} />);
    const name = screen.getByLabelText('What it feeds, as the directory will say');
    await userEvent.clear(name);
    await userEvent.type(name, 'Hall outlets');
    await userEvent.type(screen.getByLabelText('Load, where it is known'), '450');
    expect(thePanel().breakers.find(({ id }) => id === 'space-40')).toMatchObject({
      name: 'Hall outlets',
      va: 450,
    });
    await userEvent.click(screen.getByRole('button', { name: 'Remove it from the panel' }));
    expect(thePanel().plan.gone).toContain('space-40');
    expect(done).toHaveBeenCalled();
  });

  test('legs that are far apart are brought nearer by one swap', async () => {
    load({
      ...fullHouse,
      circuits: [],
      panels: [panel({ typed: '1 20 Den 2200 VA; 2 20 Hall 2000 VA; 3 20 Attic 400 VA' })],
    });
    show(<Live part={() => <LegsPane view={view()} />} />);
    await userEvent.click(screen.getByRole('button', { name: /Swap 1 and 3/ }));
    expect(thePanel().plan.moved).toEqual([
      { id: 'at-1', to: { slot: 3, half: null } },
      { id: 'at-3', to: { slot: 1, half: null } },
    ]);
    expect(screen.queryByRole('button', { name: /Swap/ })).toBeNull();
  });
});
