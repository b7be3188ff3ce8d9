import { freshCheck } from '../../src/core/checks/checksDocument';
import { screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { FIGURE_KEYS } from '../../src/core/findings/subject';
import { figureName } from '../../src/core/wording/ladder';
import { CircuitSheet } from '../../src/features/sheet/CircuitSheet';
import { evaluationOf } from '../../src/store/evaluation';
import { load, openJob, show, viewOf } from '../support/stage';

beforeEach(() => {
  load();
});

const sheet = (id: string) => {
  show(<CircuitSheet evaluation={evaluationOf(openJob())} view={viewOf(id)} />);
  return screen.getByRole('article');
};

describe('the circuit sheet', () => {
  test('names job, code, authority, permit and local amendments', () => {
    const text = sheet('kiln').textContent;
    for (const part of [
      fullHouse.name,
      '2023',
      fullHouse.authority,
      'applied for 2026-03-02',
      'No branch circuit under 12 AWG',
    ]) {
      expect(text).toContain(part);
    }
  });

  test('has every figure with its severity', () => {
    const figures = within(sheet('kiln')).getByRole('heading', { name: 'Figures' }).parentElement;
    expect([...(figures?.querySelectorAll('th') ?? [])].map((cell) => cell.textContent)).toEqual(
      FIGURE_KEYS.map((figureKey) => figureName[figureKey]),
    );
  });

  test('has every segment with length, method, conductors and supports', () => {
    const run = within(sheet('kiln')).getByRole('heading', { name: 'Run' }).parentElement;
    const rows = [...(run?.querySelectorAll('tbody tr') ?? [])].map((row) => row.textContent);
    expect(rows).toHaveLength(3);
    expect(rows[0]).toContain('MC 6/2, indoors, 86 °F (30 °C)');
    expect(rows[1]).toContain('BK 6, RD 6, GN 10');
    expect(rows[1]).toContain('buried');
  });

  test('has findings with their sections and the answers that were given', () => {
    const text = sheet('workshop').textContent;
    expect(text).toContain(
      'Answer: Switch within sight of the motor, by the manufacturer. Shown to the authority.',
    );
    expect(text).toContain('210.8(A)');
  });

  test('a stop stays a stop on paper', () => {
    expect(sheet('carport-charger').textContent).toContain(
      'Stop. 6 AWG NM-B carries 55 A in the 60 °C column',
    );
  });

  test('has the working with a section on every line, and the cautions', () => {
    const article = sheet('carport-charger');
    const workings = within(article).getByRole('heading', { name: 'Working, with sections' }).parentElement;
    for (const row of workings?.querySelectorAll('tr') ?? [])
      expect(row.lastElementChild?.textContent).not.toBe('');
    expect(article.textContent).toContain(
      'Tester on a live source; each conductor to every other, neutral and ground; tester again.',
    );
    expect(article.textContent).toContain('Call before digging');
  });

  test('says where the breaker stands, what the service carries, and how people are protected', () => {
    const panels = fullHouse.panels.map((panel) => ({
      ...panel,
      spaces: 60,
      plan: { ...panel.plan, placed: [{ circuitId: 'deck-tub', at: { slot: 51, half: null } }] },
    }));
    load({ ...fullHouse, panels });
    const facts = sheet('deck-tub');
    expect(facts.textContent).toContain('Spaces 51, 53, legs B and A.');
    expect(facts.textContent).toContain('Directory: Hot tub, deck.');
    expect(facts.textContent).toContain(
      '185.8 A of 150 A with this job, existing dwelling method: 35.8 A too much.',
    );
    expect(facts.textContent).toContain('GFCI breaker in an enclosure at the load.');
  });

  test('lands every conductor in the order of the whole circuit, with what was applied', () => {
    const torque = [{ terminal: 'load ground', first: 35, second: 36 }];
    load({ ...fullHouse, checks: [{ ...freshCheck('deck-tub'), torque }] });
    const landings = within(sheet('deck-tub')).getByRole('heading', { name: /^Terminations/ }).parentElement;
    const rows = [...(landings?.querySelectorAll('tr') ?? [])].map((row) =>
      [...row.querySelectorAll('th, td')]
        .map((cell) => cell.textContent)
        .filter(Boolean)
        .join(' '),
    );
    expect(rows).toHaveLength(17);
    expect(rows).toContain('1 GN 10 G 35 36 applied');
    expect(rows).toContain('6 WH 6 load N of device 45');
    expect(rows).toContain('7 WH pigtail neutral bar 35');
    expect(rows.at(3)).toBe('17 RD 6 breaker 45');
  });

  test('an edition that was not read says so at the head', () => {
    load({ ...fullHouse, edition: 2026 });
    expect(sheet('kiln').textContent).toContain('2026, preliminary, not verified');
  });
});
