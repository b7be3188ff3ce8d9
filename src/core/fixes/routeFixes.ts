import { withSegment } from '../circuit/edits/circuitEdits';
import type { Circuit } from '../circuit/circuitSchema';
import { withEnd, withFitting } from '../circuit/edits/routeEdits';
import type { RouteFitting } from '../code/routeKinds';
import type { AnyFinding, Finding, FindingCode, FindingData } from '../findings/finding';
import { circuitOf, segmentIndex } from '../findings/subject';
import { circuitChange } from '../job/changes';
import type { Candidates, CandidatesByCode } from './candidate';
import type { FixChange } from './change';

/** The circuit that a finding of a code is about, changed at its segment. */
const atSegment =
  <C extends FindingCode>(
    code: C,
    change: (circuit: Circuit, index: number, data: FindingData[C]) => Circuit,
    describe: (data: FindingData[C]) => FixChange,
  ): Candidates =>
  ({ job }, finding) => {
    const index = segmentIndex(finding.subject);
    const circuit = job.circuits.find(({ id }) => id === circuitOf(finding.subject));
    if (index === undefined || circuit === undefined || !isOf(finding, code)) return [];
    const said = describe(finding.data);
    return [
      {
        kind: said.kind,
        command: circuitChange(circuit, change(circuit, index, finding.data)),
        describe: () => said,
      },
    ];
  };

const isOf = <C extends FindingCode>(finding: AnyFinding, code: C): finding is AnyFinding & Finding<C> =>
  finding.code === code;

/** A fitting that was left out, planned again. */
const plan = (fitting: RouteFitting, code: FindingCode): readonly Candidates[] => [
  atSegment(
    code,
    (circuit, index) => withFitting(circuit, index, fitting, true),
    () => ({ kind: 'plan', fitting }),
  ),
];

/** Couplings from a segment on made into bodies to pull at. */
const bodiesForCouplings = (circuit: Circuit, from: number): Circuit => ({
  ...circuit,
  run: circuit.run.map((segment, index) =>
    index >= from && segment.end?.kind === 'coupling'
      ? { ...segment, end: { ...segment.end, kind: 'body' } }
      : segment,
  ),
});

/** What is worth trying for each finding about a route that a change can clear. */
export const routeFixes: CandidatesByCode = {
  'burial.under-building': [
    atSegment(
      'burial.under-building',
      (circuit, index) => withSegment(circuit, index, { sleeve: 'pvc40' }),
      () => ({ kind: 'sleeve', method: 'pvc40' }),
    ),
  ],
  'cable.attic': [
    atSegment(
      'cable.attic',
      (circuit, index) => withSegment(circuit, index, { exposed: 'guarded' }),
      () => ({ kind: 'run-cable', how: 'guarded' }),
    ),
  ],
  'cable.joist-edges': [
    atSegment(
      'cable.joist-edges',
      (circuit, index) => withSegment(circuit, index, { exposed: 'bored' }),
      () => ({ kind: 'run-cable', how: 'bored' }),
    ),
  ],
  'cable.sunlight': [
    atSegment(
      'cable.sunlight',
      (circuit, index) => withSegment(circuit, index, { sleeve: 'pvc80' }),
      () => ({ kind: 'sleeve', method: 'pvc80' }),
    ),
  ],
  'seal.missing': plan('seal', 'seal.missing'),
  'bushing.missing': plan('bushing', 'bushing.missing'),
  'nailplate.needed': plan('plates', 'nailplate.needed'),
  'ribbon.missing': plan('ribbon', 'ribbon.missing'),
  'expansion.missing': plan('expansion', 'expansion.missing'),
  'riser.unguarded': plan('riser', 'riser.unguarded'),
  's-loop.missing': plan('s-loop', 's-loop.missing'),
  'box.unbonded': plan('box-bond', 'box.unbonded'),
  'burial.depth': [
    atSegment(
      'burial.depth',
      (circuit, index, { needsIn }) => withSegment(circuit, index, { heightFt: -needsIn / 12 }),
      ({ needsIn }) => ({ kind: 'deepen', coverIn: needsIn }),
    ),
  ],
  'box.fill': [
    atSegment(
      'box.fill',
      (circuit, index) => withEnd(circuit, index, { boxIn3: undefined, ringIn3: undefined }),
      ({ needsIn3 }) => ({ kind: 'free-box', in3: needsIn3 }),
    ),
  ],
  'box.pull-length': [
    atSegment(
      'box.pull-length',
      (circuit, index) => withEnd(circuit, index, { lengthIn: undefined }),
      ({ needsIn }) => ({ kind: 'free-pull-box', lengthIn: needsIn }),
    ),
  ],
  'route.bends': [atSegment('route.bends', bodiesForCouplings, () => ({ kind: 'pull-at-couplings' }))],
  'piece.short': [
    atSegment(
      'piece.short',
      (circuit, index) => withSegment(circuit, index, { pieceFt: undefined }),
      ({ needsFt }) => ({ kind: 'free-piece', lengthFt: needsFt }),
    ),
  ],
  'knockout.size': [
    atSegment(
      'knockout.size',
      (circuit, index) => withEnd(circuit, index, { holeIn: undefined }),
      ({ needsIn }) => ({ kind: 'free-hole', acrossIn: needsIn }),
    ),
  ],
};
