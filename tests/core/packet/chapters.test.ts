import { describe, expect, test } from 'vitest';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshJob } from '../../../src/core/job/freshJob';
import { freshCheck } from '../../../src/core/checks/checksDocument';
import { FIGURE_KEYS } from '../../../src/core/findings/subject';
import { directory } from '../../../src/core/panel/directory';
import { found, planned } from '../../../src/core/panel/spaces';
import { assumptionsOf } from '../../../src/core/known/assumptions';
import { packetChapters } from '../../../src/core/packet/packetPages';
import { printable } from '../../../src/core/paper/pageScene';
import { CHAPTERS, type Chapter } from '../../../src/core/paper/packetReaders';
import { pageSchema, type PacketPage } from '../../../src/core/paper/pageSchema';
import { bondRows } from '../../../src/core/water/bondRows';
import { chosenAnswer } from '../../../src/core/service/serviceReport';
import { printNumber as n } from '../../../src/core/units/number';
import { bondNote, bondTitle } from '../../../src/core/wording/bondWords';
import { stepName, whenWords } from '../../../src/core/wording/daysWords';
import { findingSentence } from '../../../src/core/wording/findings';
import { itemName } from '../../../src/core/wording/itemWords';
import { formName } from '../../../src/core/wording/places';
import { ladderWords } from '../../../src/core/wording/ladder';
import { loopSteps } from '../../../src/core/wording/loopSteps';
import { methodName } from '../../../src/core/wording/words';
import { stepWords } from '../../../src/core/wording/steps';
import { daysOf } from '../../support/jobDays';

const EVALUATION = evaluateJob(demoJob);
const DAYS = daysOf(demoJob);
const ALL = packetChapters(EVALUATION, 'letter', DAYS);

const pagesOf = (chapter: Chapter): readonly PacketPage[] => ALL.get(chapter) ?? [];
/** What is written on the pages of a chapter about something, its lines joined. */
const said = (chapter: Chapter, subject?: string): string =>
  pagesOf(chapter)
    .filter((page) => subject === undefined || page.subject === subject)
    .flatMap(({ items }) => items.flatMap((item) => (item.kind === 'text' ? [item.text] : [])))
    .join(' ');
/** Words without their breaks: a cell is wrapped, and its lines stand between those of its neighbors. */
const words = (text: string): readonly string[] => printable(text).split(' ').filter(Boolean);
const says = (chapter: Chapter, subject: string | undefined, text: string): void => {
  const all = said(chapter, subject);
  for (const word of words(text)) expect(all, `${chapter} ${subject ?? ''}: ${text}`).toContain(word);
};

describe('the chapters of a packet say what the screens say', () => {
  test('every chapter but the cover has pages of the shape that is kept in a seal', () => {
    expect([...ALL.keys()]).toEqual(CHAPTERS.filter((chapter) => chapter !== 'cover'));
    for (const page of [...ALL.values()].flat())
      expect(pageSchema.safeParse(page).success, page.title).toBe(true);
  });

  test('circuits: every figure of the ladder with its reason and section', () => {
    for (const { circuit, solved } of EVALUATION.circuits) {
      const facts = pagesOf('circuits')
        .filter(({ subject }) => subject === circuit.id)
        .flatMap((page) => page.facts);
      for (const key of FIGURE_KEYS) {
        const { name, figure, unit, reason } = ladderWords(key, solved, circuit);
        expect(facts).toContainEqual({ name, value: `${figure} ${unit}`.trim() });
        says('circuits', circuit.id, reason);
        says('circuits', circuit.id, solved.workings[key].at(-1)?.cite.section ?? '');
      }
    }
  });

  test('working: the steps of every figure, formula and result', () => {
    for (const { circuit, solved } of EVALUATION.circuits)
      for (const step of solved.workings.breaker) {
        const { label, formula, result } = stepWords(step);
        says('working', circuit.id, `${label} ${formula} ${result}`);
      }
  });

  test('load: the method of the permit part by part, before and after', () => {
    const answer = chosenAnswer(EVALUATION.service.report, demoJob.house);
    const facts = pagesOf('load').flatMap((page) => page.facts);
    expect(facts).toContainEqual({ name: 'After this job: total', value: `${n(answer!.after.amps, 1)} A` });
    expect(facts).toContainEqual({ name: 'Before it: total', value: `${n(answer!.before.amps, 1)} A` });
    for (const { what, countedVA } of answer!.after.parts)
      expect(facts).toContainEqual({ name: `After this job: ${what}`, value: `${n(countedVA, 0)} VA` });
    expect(said('load')).toContain(`${n(answer!.spareA!, 1)} A left`);
  });

  test('panels: the directory as it will be and as it was found, each drawn', () => {
    for (const { panel, wanted } of EVALUATION.panels) {
      const facts = pagesOf('panel')
        .filter(({ subject }) => subject === panel.id)
        .flatMap((page) => page.facts);
      for (const [name, installed] of [
        ['As it will be', planned(panel, wanted)],
        ['As found', found(panel)],
      ] as const) {
        for (const { spaces, text, installed: each } of directory(installed))
          expect(facts).toContainEqual({ name: `${name}: ${spaces}`, value: `${text} ${n(each.amps)} A` });
      }
      const [first] = pagesOf('panel').filter(({ subject }) => subject === panel.id);
      const boxes = first!.items.filter(({ kind }) => kind === 'box');
      expect(boxes).toHaveLength(2 + planned(panel, wanted).length + found(panel).length);
    }
  });

  test('bonding: what is bonded and how, numbered on the plan, with the copper', () => {
    for (const { report } of EVALUATION.waters) {
      const { id } = report.water;
      const rows = bondRows(report);
      for (const row of rows)
        says('bonding', id, `${row.number} ${bondTitle(row, report)} ${bondNote(row, report)}`);
      for (const { label, figure } of loopSteps(report)) says('bonding', id, `${label} ${figure}`);
      const [first] = pagesOf('bonding').filter(({ subject }) => subject === id);
      // A ring is drawn as lines of copper, each number as a mark.
      expect(
        first!.items.filter((item) => item.kind === 'line' && item.ink === 'copper').length,
      ).toBeGreaterThan(report.ring === null ? -1 : 0);
      expect(first!.items.filter((item) => item.kind === 'text' && item.ink === 'sheet')).toHaveLength(
        rows.length,
      );
    }
  });

  test('wiring: every terminal in the order of landing, with its torque and what was applied', () => {
    for (const { circuit } of EVALUATION.circuits) {
      const own = EVALUATION.check(circuit.id);
      const facts = pagesOf('wiring')
        .filter(({ subject }) => subject === circuit.id)
        .flatMap((page) => page.facts);
      expect(facts).toHaveLength(own!.terminals.length);
      for (const { order, letters, torqueLbIn } of own!.terminals)
        expect(facts).toContainEqual({
          name: `Torque ${order}, ${letters}`,
          value: `${n(torqueLbIn)} lb-in, set ____, ____`,
        });
    }
  });

  test('a torque that was set stands under its time, and how many were set on the page of the circuit', () => {
    const [terminal] = EVALUATION.check('kiln')!.terminals;
    const torque = [{ terminal: terminal!.key, first: 34, second: 36 }];
    const checks = [{ ...freshCheck('kiln'), off: true, torque }];
    const chapters = packetChapters(evaluateJob({ ...demoJob, checks }), 'letter');
    const facts = (chapter: Chapter) =>
      (chapters.get(chapter) ?? []).filter(({ subject }) => subject === 'kiln').flatMap((page) => page.facts);
    expect(facts('wiring')).toContainEqual({
      name: `Torque ${terminal!.order}, ${terminal!.letters}`,
      value: `${n(terminal!.torqueLbIn)} lb-in, set 34, 36`,
    });
    const own = facts('circuits');
    expect(own.find(({ name }) => name === 'Terminals')?.value).toContain('1 set, 1 a second time');
    expect(own.find(({ name }) => name === 'Steps of the proof')?.value).toMatch(/^1 of \d+ hold, /);
  });

  test('what is open: every finding, with its sentence', () => {
    for (const finding of EVALUATION.openOf(EVALUATION.findings))
      says('open', undefined, findingSentence(finding));
  });

  test('materials: everything that the job takes', () => {
    const facts = pagesOf('materials').flatMap((page) => page.facts);
    expect(facts).toHaveLength(EVALUATION.takeoff.lines.length);
    for (const { item } of EVALUATION.takeoff.lines)
      expect(
        facts.some(({ name }) => name === itemName(item)),
        itemName(item),
      ).toBe(true);
  });

  test('to test: every circuit with GFCI protection, by its form', () => {
    const facts = pagesOf('care').flatMap((page) => page.facts);
    const expected = EVALUATION.circuits
      .filter(({ solved }) => solved.figures.outlet.gfci.form !== 'none')
      .map(({ circuit, solved }) => ({
        name: circuit.name,
        value: `${formName[solved.figures.outlet.gfci.form]}, every month`,
      }));
    expect(expected.length).toBeGreaterThan(1);
    expect(facts).toEqual(expected);
    expect(said('care')).toContain('Power stays on after Test: it protects nobody.');
  });

  test('checks: lengths as built beside those of the plan', () => {
    const [segment] = demoJob.circuits.find(({ id }) => id === 'kiln')!.run;
    const checks = [{ ...freshCheck('kiln'), built: [{ segment: segment!.id, lengthFt: 41 }] }];
    const chapters = packetChapters(evaluateJob({ ...demoJob, checks }), 'letter');
    const facts = (chapters.get('checks') ?? []).flatMap((page) => page.facts);
    expect(facts).toContainEqual({
      name: 'Segment A to B',
      value: `41 ft, planned ${segment!.lengthFt} ft`,
    });
  });

  test('days: every step with when it is worked on; until they were put in order, that is said', () => {
    const facts = pagesOf('days').flatMap((page) => page.facts);
    for (const step of DAYS.steps)
      expect(facts).toContainEqual({ name: stepName(step, demoJob), value: whenWords(step) });
    const [without] = packetChapters(EVALUATION, 'letter').get('days') ?? [];
    expect(without?.items).toContainEqual(
      expect.objectContaining({ text: 'The work was not put into days yet.' }),
    );
  });

  test('answers: whom it was about, what was asked, who decided what', () => {
    const [ask] = EVALUATION.openOf(EVALUATION.findings).filter(({ severity }) => severity === 'ask');
    if (ask?.subject.kind !== 'circuit') throw new Error('No question about a circuit.');
    const { circuitId } = ask.subject;
    const text = 'Inspector, by phone: not required.';
    const answers = [
      { code: ask.code, subject: `circuit:${circuitId}`, text },
      { code: 'gone', subject: 'service', text: 'Yes.' },
    ];
    const chapters = packetChapters(evaluateJob({ ...demoJob, answers }), 'letter');
    const facts = (chapters.get('answers') ?? []).flatMap((page) => page.facts);
    const name = demoJob.circuits.find(({ id }) => id === circuitId)?.name ?? '';
    expect(facts).toEqual([
      { name: `${name}: ${findingSentence(ask)}`, value: text },
      { name: 'Service: It is not asked any more.', value: 'Yes.' },
    ]);
  });

  test('an empty job: what each chapter waits for', () => {
    const chapters = packetChapters(evaluateJob(freshJob('a', 'Nothing yet')), 'letter');
    const all = [...chapters.values()].flat().flatMap(({ items }) => items);
    const texts = all.flatMap((item) => (item.kind === 'text' ? [item.text] : []));
    for (const text of [
      'Not known yet: the house or its main breaker is not recorded.',
      'No photograph was taken yet.',
      'No question was answered yet.',
    ])
      expect(texts).toContain(text);
  });

  test('sources: what is assumed or not looked at, and who answers for all else', () => {
    const facts = pagesOf('sources').flatMap((page) => page.facts);
    expect(facts).toContainEqual({ name: 'Kiln, studio: Length, LFNC', value: 'assumed: 6 ft' });
    expect(facts).toContainEqual({
      name: 'Compressor, garage: Is the space before the disconnect clear?',
      value: 'not looked at',
    });
    const of = (name: string): readonly string[] =>
      facts.filter((fact) => fact.name.startsWith(name)).map(({ value }) => value);
    expect(of(`Kiln, studio: Length, ${methodName('pvc40')}`)).toEqual([
      'measured, wheel, lead, Feb. 20, 2026',
    ]);
    expect(of('Well pump')).toContain('told, owner, Feb. 11, 2026');
    for (const { circuit } of EVALUATION.circuits)
      for (const { stands } of assumptionsOf(EVALUATION.circuit(circuit.id)!, demoJob.sources))
        says('sources', undefined, `${circuit.name} ${stands}`);
  });

  test('sources: without a circuit nothing is assumed', () => {
    const pages = packetChapters(evaluateJob(freshJob('a', 'A')), 'letter', null).get('sources') ?? [];
    const text = pages.flatMap(({ items }) =>
      items.flatMap((item) => (item.kind === 'text' ? [item.text] : [])),
    );
    expect(text).toContain('Nothing is assumed.');
  });
});
