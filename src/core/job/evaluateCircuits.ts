import { tally } from '../units/tally';
import type { LoadModel } from '../appliances/family';
import { applianceLoad } from '../appliances/registry';
import type { Circuit } from '../circuit/circuitSchema';
import {
  isBareCable,
  ownCarrying,
  shareKeys,
  type Neighbors,
  type SegmentNeighbors,
  type SharedSegment,
} from '../circuit/neighbors';
import { hasFeedNeutral } from '../circuit/feedNeutral';
import type { SegmentFigures } from '../circuit/figures';
import { solveCircuit } from '../circuit/solveCircuit';
import type { SolveContext } from '../circuit/solveContext';
import { SHARE_KINDS, type ShareKind } from '../code/routeKinds';
import { isAnswered, openFindings, type AnswerBook } from '../findings/answers';
import { figureSeverities } from '../findings/figureSeverities';
import type { AnyFinding } from '../findings/finding';
import { worstSeverity } from '../findings/severity';
import { carriedByFeeder } from '../service/chargerGroups';
import { panelLanding } from '../panel/panelLanding';
import type { Panel } from '../panel/panelSchema';
import { Working } from '../working/worked';
import type { CircuitEvaluation } from './evaluation';
import type { JobMemo } from './jobMemo';
import type { Job } from './jobSchema';

/** Circuits by what they share: a raceway, a bundle, a trench. */
type Sharers = ReadonlyMap<string, readonly Circuit[]>;

/** What each of some circuits is to its neighbors, by its id; a segment with its own size by both ids. */
type Shared = ReadonlyMap<string, SharedSegment>;

/** What is shared anywhere along the run of a circuit. */
export const circuitShareKeys = (circuit: Circuit, memo: JobMemo): readonly string[] =>
  memo.shareKeys.of(circuit.id, [circuit.run], () => [...new Set(circuit.run.flatMap(shareKeys))]);

/** The circuits of a job by what they share; what only one circuit bears is shared with nobody. */
export function sharersOf(circuits: readonly Circuit[], memo: JobMemo): Sharers {
  const sharers = new Map<string, Circuit[]>();
  for (const circuit of circuits) {
    for (const key of circuitShareKeys(circuit, memo)) {
      const known = sharers.get(key);
      if (known === undefined) sharers.set(key, [circuit]);
      else known.push(circuit);
    }
  }
  return new Map([...sharers].filter(([, some]) => some.length > 1));
}

const pick = ({ size, ground }: SegmentFigures) => ({ size, ground });

const sharedBy = (circuit: Circuit, load: LoadModel, houseV: 208 | 240): SharedSegment => ({
  circuitId: circuit.id,
  name: circuit.name,
  carrying: ownCarrying(load, houseV),
  wires: load.neutral || load.phase === 3 || hasFeedNeutral(circuit) ? 3 : 2,
  neutral: load.neutral || hasFeedNeutral(circuit),
  volts: load.volts,
  insulation: circuit.insulation,
  size: null,
  ground: null,
});

function neighborsIn(circuit: Circuit, sharers: Sharers, shared: Shared, memo: JobMemo): Neighbors {
  const found: Record<string, SegmentNeighbors> = {};
  for (const { id, shares = {} } of circuit.run) {
    const neighbors: Partial<Record<ShareKind, readonly SharedSegment[]>> = {};
    for (const kind of SHARE_KINDS) {
      const others = (sharers.get(`${kind} ${shares[kind] ?? ''}`) ?? []).flatMap((other) => {
        if (other.id === circuit.id) return [];
        const there = other.run.find((each) => each.shares?.[kind] === shares[kind]);
        const segment = shared.get(`${other.id} ${there?.id ?? ''}`) ?? shared.get(other.id);
        if (segment === undefined) return [];
        if (kind !== 'trench' || there === undefined || !isBareCable(there)) return [segment];
        // The same for as long as the same one is: what it is solved under is remembered by it.
        const key = `bare ${other.id} ${there.id} ${segment.size ?? ''}`;
        return [memo.shared.of(key, [segment], () => ({ ...segment, isBareCable: true }))];
      });
      if (others.length > 0) neighbors[kind] = others;
    }
    if (Object.keys(neighbors).length > 0) found[id] = neighbors;
  }
  return found;
}

const partsOf = (neighbors: Neighbors): readonly unknown[] =>
  Object.entries(neighbors).flatMap(([segment, ofSegment]) => [
    segment,
    ...Object.entries(ofSegment).flatMap(([kind, others]) => [kind, ...others]),
  ]);

/**
 * The context that each circuit is solved in, by its id, for those that share a part of their route: what goes with
 * them changes their ampacity, their raceway and the shared ground. Neighbors are counted first, which needs no
 * sizes; with that every one is sized, and the sizes fill the raceway. So circuits on one route never wait for each
 * other. A circuit that goes alone is solved in the context of the job itself, and is left out.
 */
function sharedContexts(
  sharers: Sharers,
  baseOf: (circuit: Circuit) => SolveContext,
  memo: JobMemo,
): ReadonlyMap<string, SolveContext> {
  const sharing = [...new Set([...sharers.values()].flat())];
  const inContext = (stage: string, circuit: Circuit, shared: Shared): SolveContext => {
    const neighbors = neighborsIn(circuit, sharers, shared, memo);
    const base = baseOf(circuit);
    return memo.contexts.of(`${stage} ${circuit.id}`, [base, ...partsOf(neighbors)], () => ({
      ...base,
      neighbors,
    }));
  };
  const counted: Shared = new Map(
    sharing.map((circuit) => [
      circuit.id,
      memo.shared.of(
        `counted ${circuit.id}`,
        [circuit.appliance, circuit.name, circuit.insulation, baseOf(circuit)],
        () => {
          const base = baseOf(circuit);
          const work = new Working(base.code, 'load', circuit);
          return sharedBy(circuit, applianceLoad(circuit.appliance, { ...base, work }), base.survey.houseV);
        },
      ),
    ]),
  );
  const sized: Shared = new Map(
    sharing.flatMap((circuit) => {
      const bare = counted.get(circuit.id);
      if (bare === undefined) return [];
      const context = inContext('counted', circuit, counted);
      const {
        size,
        groundTaken: ground,
        segments,
      } = memo.solved.of(`counted ${circuit.id}`, [circuit, context], () =>
        solveCircuit(circuit, context),
      ).figures;
      const shared = memo.shared.of(circuit.id, [bare, size, ground], () => ({ ...bare, size, ground }));
      // A segment that has a size of its own brings that one.
      const own = circuit.run.flatMap(({ id, size: set }, index) => {
        const at = segments[index];
        if (set === undefined || at === undefined) return [];
        const key = `${circuit.id} ${id}`;
        return [
          [key, memo.shared.of(key, [bare, at.size, at.ground], () => ({ ...bare, ...pick(at) }))] as const,
        ];
      });
      return [[circuit.id, shared] as const, ...own];
    }),
  );
  return new Map(sharing.map((circuit) => [circuit.id, inContext('sized', circuit, sized)]));
}

/** Which of some findings were answered, in one word: the same for as long as the same ones are. */
export const answeredKey = (book: AnswerBook, findings: readonly AnyFinding[]): string =>
  book.size === 0 ? '' : findings.flatMap((each, at) => (isAnswered(book, each) ? [at] : [])).join();

/** What a charger may take: its nameplate, whatever it is set to; nothing where it is gone. */
const ratedAmps = (circuit: Circuit | undefined): number =>
  circuit?.appliance.family === 'ev' ? circuit.appliance.nameplate.outputAmps : 0;

/** What of a job its circuits are solved by. */
type EvaluatedParts = Pick<Job, 'circuits' | 'panels'> & { readonly house: Pick<Job['house'], 'groups'> };

/** How many circuits have their breaker at the end of each. */
function fedCounts(circuits: readonly Circuit[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const { feedId } of circuits) if (feedId !== null) tally(counts, feedId);
  return counts;
}

/** The panel of every circuit that has a place in one. */
const placedIn = (panels: readonly Panel[]): ReadonlyMap<string, Panel> =>
  new Map(panels.flatMap((panel) => panel.plan.placed.map(({ circuitId }) => [circuitId, panel] as const)));

/** Every circuit of a job solved under its context, with what is open in it. */
export function evaluateCircuits(
  { circuits, panels, house: { groups } }: EvaluatedParts,
  base: SolveContext,
  book: AnswerBook,
  memo: JobMemo,
): readonly CircuitEvaluation[] {
  const fed = fedCounts(circuits);
  const placed = placedIn(panels);
  const apart = groups.length === 0 && fed.size === 0 && placed.size === 0;
  const chargerAmps = (id: string): number => ratedAmps(circuits.find((each) => each.id === id));
  const baseOf = ({ id, feedId }: Circuit): SolveContext => {
    if (apart) return base;
    const groupA = carriedByFeeder(groups, id, chargerAmps);
    const fedCircuits = fed.get(id) ?? 0;
    const feedDropPct = feedId === null ? undefined : dropOf(feedId);
    const own = placed.get(id);
    const panel = own && panelLanding(own);
    if (groupA === 0 && fedCircuits === 0 && feedDropPct === undefined && panel === undefined) return base;
    const parts = [base, groupA, fedCircuits, feedDropPct, panel?.role, panel?.bars];
    return memo.contexts.of(`fed ${id}`, parts, () => ({
      ...base,
      groupA,
      fedCircuits,
      ...(feedDropPct !== undefined && { feedDropPct }),
      ...(panel !== undefined && { panel }),
    }));
  };
  // A spa panel is fed from the house, so a feed is solved before what it feeds; it has no feed of its own.
  const dropOf = (feedId: string): number | undefined => {
    const feed = circuits.find(({ id }) => id === feedId);
    if (feed === undefined || feed.feedId !== null) return undefined;
    const context = baseOf(feed);
    return memo.solved.of(`feed ${feed.id}`, [feed, context], () => solveCircuit(feed, context)).figures.drop
      ?.percent;
  };
  const contexts = sharedContexts(sharersOf(circuits, memo), baseOf, memo);
  return circuits.map((circuit) => {
    const context = contexts.get(circuit.id) ?? baseOf(circuit);
    const solved = memo.solved.of(circuit.id, [circuit, context], () => solveCircuit(circuit, context));
    const answered = answeredKey(book, solved.findings);
    return memo.circuits.of(circuit.id, [circuit, context, solved, answered], () => {
      const open = openFindings(book, solved.findings);
      return {
        circuit,
        context,
        solved,
        open,
        severity: worstSeverity(open),
        severities: figureSeverities(open),
      };
    });
  });
}
