import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { inputsOfPart, subjectsOf } from '../../../src/core/job/jobInputs';
import type { Job } from '../../../src/core/job/jobSchema';
import { circuitInput } from '../../../src/core/known/circuitInput';
import { footingLine } from '../../../src/core/known/footingLine';
import { inputLabel } from '../../../src/core/known/inputLabel';
import { assumedOfCircuit, assumedOfPanel } from '../../../src/core/known/standing';
import { sourcesChapter } from '../../../src/core/packet/chapters/sourcesChapter';
import { PageFlow } from '../../../src/core/paper/pageFlow';
import type { SourceEntry } from '../../../src/core/sources/sourcesDocument';
import { fullHouse } from '../../support/fullHouse/job';

const assumed = (input: string): SourceEntry => ({ input, source: { kind: 'assumed', rule: 'default' } });
const told = (input: string): SourceEntry => ({ input, source: { kind: 'told', on: '2026-03-02' } });

/** What the page of sources says of a job: a value by its name. */
function facts(job: Job): ReadonlyMap<string, string> {
  const flow = new PageFlow('letter');
  sourcesChapter({ flow, evaluation: evaluateJob(job), paper: 'letter', days: null });
  return new Map(flow.pages().flatMap((page) => page.facts.map(({ name, value }) => [name, value] as const)));
}

/** Every input of the full house, by the thing that it is of. */
const INPUTS = subjectsOf(fullHouse).flatMap(({ name, part }) =>
  [...inputsOfPart(part).keys()].map((at) => ({ name, at, input: `${name}/${at}` })),
);

describe('the full house with each of its inputs assumed in turn', () => {
  const { circuits } = evaluateJob(fullHouse);

  test('an input that nobody gave is named as assumed; once somebody gave it, it is not', () => {
    for (const view of circuits)
      for (const at of inputsOfPart(view.circuit).keys()) {
        const input = circuitInput(view.circuit, at);
        const labels = (sources: readonly SourceEntry[]) =>
          assumedOfCircuit(view, sources).map(({ label }) => label);
        const label = inputLabel(view.circuit, at);
        const of = (list: readonly string[]) => list.filter((each) => each === label).length;
        expect(of(labels([assumed(input)])), input).toBeGreaterThan(of(labels([told(input)])));
      }
    for (const panel of fullHouse.panels)
      for (const at of inputsOfPart(panel).keys()) {
        const input = `panel:${panel.id}/${at}`;
        expect(assumedOfPanel(panel, [assumed(input)]), input).toHaveLength(1);
        expect(assumedOfPanel(panel, [told(input)]), input).toHaveLength(0);
      }
  });

  test('every input has a name that a person reads, and stands in words', () => {
    const all: SourceEntry[] = INPUTS.map(({ input }) => assumed(input));
    const named = [
      ...circuits.flatMap((view) => assumedOfCircuit(view, all)),
      ...fullHouse.panels.flatMap((panel) => assumedOfPanel(panel, all)),
    ];
    expect(named.length).toBeGreaterThan(100);
    for (const { label, stands } of named) {
      expect(label, stands).toMatch(/^[^.]*[A-Za-z][^.]*$/);
      expect(label).not.toMatch(/^[a-z]+[A-Z]/);
      expect(stands, label).not.toMatch(/undefined|null|\[object|^$/);
    }
  });

  test('the page of sources claims nothing for anybody where all is assumed', () => {
    const all = facts({ ...fullHouse, sources: INPUTS.map(({ input }) => assumed(input)) });
    expect(all.size).toBeGreaterThan(100);
    const nobody = [...all.values()].filter((value) => /told|seen,|measured|read from/.test(value));
    expect(nobody).toEqual([]);
  });

  test('a circuit says in one line what it stands on, and nothing of what somebody answers for', () => {
    for (const view of circuits) {
      const inputs = [...inputsOfPart(view.circuit).keys()].map((at) => circuitInput(view.circuit, at));
      const line = footingLine(view, inputs.map(assumed)) ?? '';
      expect(line).toMatch(/^Assumed: /);
      for (const { label } of assumedOfCircuit(view, inputs.map(assumed)))
        expect(line.toLowerCase()).toContain(label.toLowerCase().replace(/\?$/, ''));
      expect(footingLine(view, inputs.map(told)) ?? '').not.toContain('load lugs 60');
    }
  });

  test('what an inspector did not pass stands first: open until it was passed, and what became of it', () => {
    const gate = { id: 'rough-in' as const, booked: null, until: null, photos: [] };
    const withGate = (part: object) =>
      facts({
        ...fullHouse,
        days: { ...fullHouse.days, gates: [{ ...gate, passed: null, failed: '', ...part }] },
      });
    const open = withGate({ failed: 'Box over full', failedAt: '2026-03-19T09:40' });
    expect([...open][0]).toEqual([
      'Rough-in inspection: Box over full',
      'Open: the inspector has not seen it mended.',
    ]);
    const refused = [{ what: 'Box over full', at: '2026-03-19T09:40' }];
    expect([...withGate({ refused })][0]?.[1]).toBe('Mended, not passed yet.');
    const passed = { by: 'J. Fallow', at: '2026-03-20T15:20' };
    expect([...withGate({ refused, passed })][0]?.[1]).toBe(
      'Mended; passed March 20, 2026, 3:20 pm, J. Fallow.',
    );
    expect([...withGate({})].some(([name]) => name.includes('Box over full'))).toBe(false);
  });
});
