import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { TypeBar } from '../../src/features/job/TypeBar';
import { PlateCard } from '../../src/features/survey/PlateCard';
import { SurveyStage } from '../../src/features/survey/SurveyStage';
import { ToVerifyContext } from '../../src/features/job/toVerifyContext';
import { ToVerifyList } from '../../src/features/survey/ToVerify';
import type { Unverified } from '../../src/core/known/toVerify';
import { PhotoStrip } from '../../src/features/job/PhotoStrip';
import { evaluationOf } from '../../src/store/evaluation';
import { circuit } from '../support/circuits';
import { Live, load, openJob, show, showInJob, viewOf } from '../support/stage';

beforeEach(() => {
  load();
});

const card = (id: string) => {
  show(<PlateCard view={viewOf(id)} jobId={fullHouse.id} />);
};

const plateOf = (id: string) => openJob().circuits.find((each) => each.id === id)?.appliance.nameplate;

describe('the plate of an appliance', () => {
  test('bears the marks that such a plate bears', () => {
    card('north-split');
    expect(screen.getByLabelText('MCA')).toHaveProperty('value', '19 A');
    expect(screen.getByLabelText('MOCP')).toHaveProperty('value', '30 A');
    expect(screen.queryByLabelText('HP')).toBeNull();
  });

  test('a motor has horsepower, and says what stands until its label is read', () => {
    card('well');
    expect(screen.getByLabelText('HP')).toHaveProperty('value', '1.5 hp');
    expect(screen.getByText(/Until read: six times the full-load current/)).toBeTruthy();
  });

  test('what is typed into it counts at once; what is not understood is kept and said', async () => {
    card('north-split');
    const mca = screen.getByLabelText('MCA');
    await userEvent.clear(mca);
    await userEvent.type(mca, '22');
    expect(plateOf('north-split')).toMatchObject({ mca: 22 });
    await userEvent.clear(mca);
    await userEvent.type(mca, 'twenty');
    expect(plateOf('north-split')).toMatchObject({ mca: 22 });
    expect(screen.getByText(/Type a number from 1 to 200 A/)).toBeTruthy();
  });

  test('asks for what its rules read, and lists what is left to find out', async () => {
    const view = viewOf('deck-tub');
    load({ ...fullHouse, circuits: [{ ...view.circuit, site: {} }] });
    card('deck-tub');
    const open = await screen.findByRole('list', { name: 'Still to find out' });
    expect(within(open).getByText(/Where is the disconnect/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('To the water'), '4');
    const { circuit } = viewOf('deck-tub');
    expect(circuit.site).toMatchObject({ waterFt: 4 });
    expect(viewOf('deck-tub').open.map(({ code }) => code)).toContain('disconnect.too-near-water');
  });

  test('the count of the stage goes down as things are found out', () => {
    const before = evaluationOf(openJob()).unverified;
    load({ ...fullHouse, authority: '', permitDate: null });
    expect(evaluationOf(openJob()).unverified).toBeGreaterThanOrEqual(before + 2);
  });
});

describe('photographs', () => {
  test('a file that is no picture is refused by its name', async () => {
    show(<PhotoStrip photos={[]} jobId={fullHouse.id} of={{ circuitId: 'well' }} />);
    const input = screen.getByLabelText('Photograph of the plate or the place');
    await userEvent.upload(input, new File(['text'], 'plate.jpg', { type: 'image/jpeg' }));
    expect((await screen.findByRole('alert')).textContent).toContain('plate.jpg is not a picture');
    expect(viewOf('well').circuit.photos).toEqual([]);
  });

  test('a caption is kept with the circuit, and a photograph is taken out', async () => {
    const { circuit } = viewOf('well');
    load({ ...fullHouse, circuits: [{ ...circuit, photos: [{ id: 'photo-1', caption: '' }] }] });
    show(
      <Live
        part={(job) => (
          <PhotoStrip photos={viewOf('well').circuit.photos} jobId={job.id} of={{ circuitId: 'well' }} />
        )}
      />,
    );
    await userEvent.type(screen.getByLabelText('What it shows'), 'Label in the lid');
    await userEvent.tab();
    expect(viewOf('well').circuit.photos).toEqual([{ id: 'photo-1', caption: 'Label in the lid' }]);
    await userEvent.click(screen.getByRole('button', { name: 'Remove' }));
    expect(viewOf('well').circuit.photos).toEqual([]);
  });
});

describe('a circuit by typing', () => {
  test('says what it understood, and adds it', async () => {
    const onAdded = vi.fn();
    show(<TypeBar job={openJob()} onAdded={onAdded} />);
    await userEvent.type(screen.getByPlaceholderText('hot tub 50'), 'mini split 19/30 62 ft pvc outdoors');
    expect(screen.getByText(/Mini split, 19\/30 A, 62 ft, PVC Sch 40, outdoor/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Add' }));
    const added = openJob().circuits.at(-1);
    expect(added?.appliance).toMatchObject({ family: 'mini-split', nameplate: { mca: 19, mocp: 30 } });
    expect(onAdded).toHaveBeenCalledWith(added?.id);
  });

  test('where nothing is named it says so, and nothing is added', async () => {
    show(<TypeBar job={openJob()} />);
    await userEvent.type(screen.getByPlaceholderText('hot tub 50'), 'zeppelin');
    expect(screen.getByText(/names no appliance/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Add' })).toHaveProperty('disabled', true);
    expect(openJob().circuits).toHaveLength(fullHouse.circuits.length);
  });

  test('says what it assumed and did not read, and takes the other reading of a number by one press', async () => {
    show(<TypeBar job={openJob()} />);
    const field = screen.getByPlaceholderText('hot tub 50');
    await userEvent.type(field, 'ev 60 emt garage zzgrl');
    expect(screen.getByText(/^Assumed: .*40 ft, copper, 240 V, hardwired/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'a 60 A circuit: assumed' }).getAttribute('aria-pressed')).toBe(
      'true',
    );
    expect(screen.getByText('zzgrl').parentElement?.textContent).toBe('zzgrl was not read.');
    await userEvent.click(screen.getByRole('button', { name: '60 A output: 80 A breaker' }));
    expect(field).toHaveProperty('value', 'ev 60 A output emt garage zzgrl');
    await userEvent.click(screen.getByRole('button', { name: 'Add' }));
    expect(openJob().circuits.at(-1)?.appliance.nameplate).toMatchObject({ outputAmps: 60 });
  });
});

describe('a job of many appliances', () => {
  const many = (count: number) => ({
    ...fullHouse,
    circuits: Array.from({ length: count }, (_, at) => ({
      ...(fullHouse.circuits[0] ?? fail()),
      id: `c-${at}`,
      name: `Charger ${at + 1}`,
    })),
  });
  const fail = (): never => {
    throw new Error('The demo job has no circuit.');
  };

  test('up to 24 plates stand open; of more one is open, and another opens in its place', async () => {
    load(many(24));
    const { unmount } = showInJob(<SurveyStage />);
    expect(screen.getAllByRole('heading', { level: 2 })).toHaveLength(24);
    unmount();
    load(many(25));
    showInJob(<SurveyStage />);
    expect(screen.getAllByRole('heading', { level: 2 })).toHaveLength(1);
    await userEvent.click(screen.getByRole('button', { name: /^Charger 20/ }));
    expect(screen.getAllByRole('heading', { level: 2 })).toHaveLength(1);
    const folded = screen.getAllByRole('button', { name: /to find out|Surveyed/ });
    expect(folded).toHaveLength(24);
    expect(folded.some(({ textContent }) => textContent.startsWith('Charger 20'))).toBe(false);
  });
});

describe('what is left to verify', () => {
  const list = (all: readonly Unverified[] | null, asks = false) =>
    show(
      <ToVerifyContext value={all}>
        <ToVerifyList circuit={circuit({ id: 'ev', name: 'EV charger' })} asks={asks} />
      </ToVerifyContext>,
    );
  const one = (input: string, part: Partial<Unverified['outcomes'][number]> = {}): Unverified => ({
    assumption: {
      circuitId: 'ev',
      input,
      label: `Label ${input}`,
      stands: '60 °C, no mark seen',
      alternatives: [],
    },
    outcomes: [
      {
        value: 75,
        words: 'marked 75 °C',
        figures: [{ figure: 'conductor', was: '4 AWG', is: '6 AWG' }],
        cents: -18338,
        opens: [],
        closes: [],
        isHazard: false,
        ...part,
      },
    ],
    weight: 100,
  });

  test('until all was tried nothing is called verified', () => {
    list(null);
    expect(screen.queryByText(/Nothing left/)).toBeNull();
    cleanup();
    list([]);
    expect(screen.getByText(/Nothing left to verify/)).toBeTruthy();
    cleanup();
    list([], true);
    expect(screen.queryByText(/Nothing left/)).toBeNull();
  });

  test('each says what is taken and what another value comes to; past two the rest is folded', async () => {
    list([
      one('a'),
      one('b'),
      one('c', { figures: [], cents: 0, opens: [{ code: 'box.fill', severity: 'stop' }] }),
    ]);
    const part = screen.getByRole('region', { name: 'To verify, EV charger' });
    const outcomes = () =>
      within(part)
        .getAllByRole('listitem')
        .map((item) => item.textContent);
    const marked = /^if marked 75 °C: Conductor 6 AWG, was 4 AWG, .*183/;
    expect(outcomes().filter((each) => marked.test(each))).toHaveLength(2);
    expect(within(part).getAllByText('assumed: 60 °C, no mark seen')).toHaveLength(2);
    await userEvent.click(within(part).getByRole('button', { name: 'All 3' }));
    expect(outcomes()).toContain('if marked 75 °C: a stop');
  });

  test('one tap says that it is so, another takes what it is instead; both are told from then on', async () => {
    const { circuits } = openJob();
    const [first] = circuits;
    if (first === undefined) throw new Error('No circuit.');
    const own = {
      ...one('terminals.load'),
      assumption: { ...one('terminals.load').assumption, circuitId: first.id },
    };
    show(
      <ToVerifyContext value={[own]}>
        <ToVerifyList circuit={first} asks={false} />
      </ToVerifyContext>,
    );
    const sourceOf = () =>
      openJob().sources.find(({ input }) => input === `circuit:${first.id}/terminals.load`)?.source.kind;
    expect(sourceOf()).toBeUndefined();
    await userEvent.click(screen.getByRole('button', { name: 'So it is: 60 °C, no mark seen' }));
    expect(sourceOf()).toBe('told');
    await userEvent.click(screen.getByRole('button', { name: 'It is marked 75 °C' }));
    expect(openJob().circuits[0]?.terminals.load).toBe(75);
    expect(sourceOf()).toBe('told');
  });
});
