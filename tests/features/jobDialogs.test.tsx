import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { readAmendments, writeAmendments } from '../../src/core/job/amendmentFile';
import { AmendmentsDialog } from '../../src/features/job/AmendmentsDialog';
import { EditionDialog } from '../../src/features/job/EditionDialog';
import { PlugDialog } from '../../src/features/job/PlugDialog';
import { PracticesDialog } from '../../src/features/job/PracticesDialog';
import { keepDraft } from '../../src/features/job/scheduleDraft';
import { ScheduleDialog } from '../../src/features/job/ScheduleDialog';
import { TerminationsDialog } from '../../src/features/circuits/figures/TerminationsDialog';
import { InProcessWorker } from '../support/inProcessWorker';
import { load, openJob, show, viewOf } from '../support/stage';

beforeEach(() => {
  load();
});

describe('another edition', () => {
  test('what it would change is listed before it is taken', async () => {
    show(<EditionDialog job={openJob()} onClose={vi.fn()} />);
    await userEvent.selectOptions(screen.getByLabelText('Compare with the edition of'), '2017');
    const table = screen.getByRole('region', { name: 'What would change' });
    expect(within(table).getByText('EV charger, visitors')).toBeTruthy();
    expect(within(table).getByText('50 A 2P')).toBeTruthy();
    expect(openJob().edition).toBe(2023);
    await userEvent.click(screen.getByRole('button', { name: 'Put the job under 2017' }));
    expect(openJob().edition).toBe(2017);
  });

  test('2026 says how far it was read', async () => {
    show(<EditionDialog job={openJob()} onClose={vi.fn()} />);
    await userEvent.selectOptions(screen.getByLabelText('Compare with the edition of'), '2026');
    expect(screen.getByText(/This edition is preliminary, not verified/)).toBeTruthy();
  });
});

describe('shop practices', () => {
  test('show both schools, their reasons, and what taking the other would change', async () => {
    show(<PracticesDialog job={openJob()} onClose={vi.fn()} />);
    const split = screen.getByText('Mini split and heat pump').closest('li') ?? document.body;
    expect(within(split).getByText('Kept here: Wire to MCA, breaker to MOCP')).toBeTruthy();
    expect(within(split).getByText(/changes in 1 circuit/)).toBeTruthy();
    await userEvent.click(within(split).getByRole('button', { name: 'Take the other' }));
    expect(openJob().practices.matchBreaker).toBe(true);
  });
});

describe('local amendments', () => {
  test('a new one shows its effect while it is written, and is put in force with source and date', async () => {
    show(<AmendmentsDialog job={openJob()} onClose={vi.fn()} />);
    const put = screen.getByRole('button', { name: 'Put it in force' });
    expect(put).toHaveProperty('disabled', true);
    expect(screen.getByText(/Title is missing or not valid/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Title'), 'Tubs as before');
    await userEvent.type(screen.getByLabelText(/^Source/), 'County bulletin 9');
    await userEvent.type(screen.getByLabelText('In force from'), '2025-01-01');
    await userEvent.selectOptions(
      screen.getByLabelText('What it changes'),
      'Exempt a load from GFCI protection',
    );
    await userEvent.selectOptions(screen.getByLabelText('The load'), 'tubs and spas');
    expect(screen.getByText('Hot tub, deck')).toBeTruthy();
    await userEvent.click(put);
    expect(openJob().amendments.at(-1)).toMatchObject({
      title: 'Tubs as before',
      source: 'County bulletin 9',
      date: '2025-01-01',
      changes: [{ kind: 'exempt-gfci', load: 'spa' }],
    });
    expect(viewOf('deck-tub').solved.figures.outlet.gfci.required).toBe(false);
  });

  test('one is lifted again', async () => {
    show(<AmendmentsDialog job={openJob()} onClose={vi.fn()} />);
    await userEvent.click(screen.getByRole('button', { name: 'Lift' }));
    expect(openJob().amendments).toEqual([]);
  });

  test('travel as a file; a bad file is refused in words and changes nothing', async () => {
    const text = writeAmendments(fullHouse.amendments);
    expect(readAmendments(text)).toEqual({ amendments: fullHouse.amendments });
    load({ ...fullHouse, amendments: [] });
    show(<AmendmentsDialog job={openJob()} onClose={vi.fn()} />);
    const input = screen.getByLabelText('File of local amendments');
    await userEvent.upload(
      input,
      new File(['{"pasture":"local-rules","version":1,"amendments":[{"id":"x"}]}'], 'bad.json', {
        type: 'application/json',
      }),
    );
    expect((await screen.findByText(/bad.json was not read/)).textContent).toContain('amendments[0].title');
    await userEvent.upload(input, new File([text], 'fallow.json', { type: 'application/json' }));
    expect(await screen.findByText('1 of 1 rules are new here.')).toBeTruthy();
    expect(openJob().amendments).toEqual(fullHouse.amendments);
  });
});

describe('a schedule', () => {
  beforeEach(() => {
    keepDraft(fullHouse.id, '');
    InProcessWorker.held.clear();
  });

  test('of more than a hundred rows the others are drawn when asked for, and all are added', async () => {
    load({ ...fullHouse, circuits: [] });
    show(<ScheduleDialog job={openJob()} onClose={vi.fn()} />);
    await userEvent.click(screen.getByLabelText(/Paste it here/));
    await userEvent.paste(['appliance', ...Array.from({ length: 102 }, () => 'dryer 5.4')].join('\n'));
    const rows = await screen.findByRole('region', { name: 'Rows of the schedule' });
    expect(within(rows).getAllByRole('row')).toHaveLength(101);
    await userEvent.click(screen.getByRole('button', { name: 'Show 2 more rows' }));
    expect(within(rows).getAllByRole('row')).toHaveLength(103);
    await userEvent.click(screen.getByRole('button', { name: 'Add 102 circuits' }));
    expect(openJob().circuits).toHaveLength(102);
  });

  test('tells how far it is, and is stopped', async () => {
    InProcessWorker.held.add('schedule');
    show(<ScheduleDialog job={openJob()} onClose={vi.fn()} />);
    await userEvent.click(screen.getByLabelText(/Paste it here/));
    await userEvent.paste('name,appliance\nDen,dryer 5.4\nHall,range 12 kW');
    expect((await screen.findByText(/^0 of 2 rows sized/)).textContent).toContain('Stop');
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(screen.getByText('Stopped. Change the text to read it again.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Add 0 circuits' })).toHaveProperty('disabled', true);
  });

  test('is sized row by row, bad rows told, and the good ones added at once', async () => {
    show(<ScheduleDialog job={openJob()} onClose={vi.fn()} />);
    const field = screen.getByLabelText(/Paste it here/);
    await userEvent.click(field);
    await userEvent.paste(
      'name,appliance,length\nDen,mini split 19/30,40\nSpare,zeppelin,10\nLaundry,dryer 5.4,30',
    );
    const rows = await screen.findByRole('region', { name: 'Rows of the schedule' });
    expect(within(rows).getByText(/names no appliance/)).toBeTruthy();
    expect(within(rows).getByText('30 A 2P × NM-B 10/3')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Add 2 circuits' }));
    expect(
      openJob()
        .circuits.slice(-2)
        .map(({ name }) => name),
    ).toEqual(['Den', 'Laundry']);
    // The refused row stays where it can be mended, and stays when the dialog is closed.
    expect(field).toHaveProperty('value', 'name,appliance,length\nSpare,zeppelin,10');
    cleanup();
    show(<ScheduleDialog job={openJob()} onClose={vi.fn()} />);
    expect(screen.getByLabelText(/Paste it here/)).toHaveProperty(
      'value',
      'name,appliance,length\nSpare,zeppelin,10',
    );
  });
});

describe('may this plug go there', () => {
  test.each([
    ['14-50', '14-50', '240 V, 40 A', /Yes: .*The breaker, 40 A, bounds it: 32 A for hours/],
    ['14-50', '14-30', '240 V, 30 A', /No: a 14-50 plug does not enter a 14-30/],
    ['TT-30', 'TT-30', '240 V, 30 A', /No: a TT-30 is not made for the volts/],
    ['10-50', '10-50', '240 V, 50 A', /No: a 10-50 has no ground/],
    ['5-15', '5-20', '120 V, 20 A', /Yes: .*The plug, 15 A, bounds it: 12 A/],
    [
      '6-30',
      '6-30',
      '240 V, 40 A',
      /No: a 6-30 is not rated for this circuit, alone on it\. A smaller breaker mends it/,
    ],
  ])('%s into %s on %s', async (plug, receptacle, circuit, words) => {
    show(<PlugDialog job={openJob()} onClose={vi.fn()} />);
    await userEvent.selectOptions(screen.getByLabelText('Plug'), plug);
    await userEvent.selectOptions(screen.getByLabelText('Receptacle'), receptacle);
    await userEvent.selectOptions(screen.getByLabelText('Circuit'), circuit);
    expect(screen.getByText(words)).toBeTruthy();
  });

  test('the chart is drawn, and a face can be chosen from it', async () => {
    show(<PlugDialog job={openJob()} onClose={vi.fn()} />);
    expect(screen.getAllByRole('img', { name: /^Face of a/ })).toHaveLength(12);
    await userEvent.click(screen.getByRole('button', { name: /^Face of a TT-30/ }));
    expect(screen.getByText(/does not enter a TT-30/)).toBeTruthy();
  });
});

describe('the wiring', () => {
  test('of a tub: panel, spa panel, tub; a screw is chosen, and its torque is recorded', async () => {
    const Wired = () => <TerminationsDialog job={openJob()} view={viewOf('deck-tub')} onClose={vi.fn()} />;
    show(<Wired />);
    expect(
      screen
        .getAllByRole('group', { name: /^Terminations, / })
        .map((each) => each.getAttribute('aria-label')),
    ).toEqual([
      'Terminations, Panel',
      'Terminations, Box',
      'Terminations, Spa panel',
      'Terminations, Hot tub, deck',
    ]);
    expect(screen.getByText(/Torque recorded at 0 of 17 screws/)).toBeTruthy();
    const pigtail = screen.getByRole('button', {
      name: '7: white pigtail of the device: neutral bar, 35 lb-in',
    });
    await userEvent.click(pigtail);
    await userEvent.type(screen.getByLabelText('Torque applied'), '30');
    expect(openJob().checks.find(({ id }) => id === 'deck-tub')?.torque).toEqual([
      { terminal: 'load-side pigtail', first: 30, second: null },
    ]);
    cleanup();
    show(<Wired />);
    expect(screen.getByText(/Torque recorded at 1 of 17 screws/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /^7: white pigtail.*30 lb-in recorded/ }));
    expect(screen.getByText('Recorded 30, 35 required.')).toBeTruthy();
  });

  test('what was seen at the ends is compared', async () => {
    show(<TerminationsDialog job={openJob()} view={viewOf('well')} onClose={vi.fn()} />);
    await userEvent.selectOptions(screen.getByLabelText('A hot is'), 'green');
    expect(viewOf('well').open.map(({ code }) => code)).toContain('ident.green-as-ungrounded');
  });
});
