import { isSized } from '../circuit/figures';
import type { MethodId } from '../code/methods';
import { isRaceway, type RoutedSegment } from '../route/routeCase';
import type { RouteReport } from '../route/routeReport';
import type { Need } from '../takeoff/need';
import type { Item } from '../takeoff/item';
import { sizeRank } from '../units/wireSize';
import type { LaborNeed } from './laborLine';
import type { LaborFactor, LaborTask } from './laborTasks';

/** What the hours of a circuit are counted by. */
export interface CircuitWork {
  readonly route: RouteReport;
  /** Whether this circuit brings what a segment shares with others: only one of them does. */
  readonly brings: (segment: number, kind: 'raceway' | 'trench') => boolean;
  /** What it takes of material: boxes, fittings and devices are set by the piece. */
  readonly needs: readonly Need[];
  /** Whether it runs through finished walls. */
  readonly finished: boolean;
}

/** What is set by the piece, by the item that is set. What is left out is in the hours of something else. */
const SET: Readonly<Partial<Record<Item['kind'], LaborTask>>> = {
  elbow: 'bend',
  expansion: 'fitting',
  seal: 'fitting',
  body: 'body',
  box: 'box',
  'pull-box': 'pull-box',
  'nail-plate': 'plate',
  receptacle: 'receptacle',
  disconnect: 'disconnect',
  'spa-panel': 'spa-panel',
  'dead-front': 'dead-front',
};

/** What slows work in a segment: the heat of an attic, walls that are finished, rain outside. */
function slowedIn({ segment }: RoutedSegment, finished: boolean): readonly LaborFactor[] {
  const { place } = segment;
  const inside = place !== 'outdoor' && place !== 'underground';
  return [
    ...(place === 'attic' ? (['attic'] as const) : []),
    ...(finished && inside && place !== 'attic' ? (['finished'] as const) : []),
    ...(inside ? [] : (['rain'] as const)),
  ];
}

const FLEXIBLE: readonly MethodId[] = ['fmc', 'lfmc', 'lfnc', 'ent'];

const isFlexible = ({ segment: { method } }: RoutedSegment): boolean => FLEXIBLE.includes(method);

/** Running cable and raceway, segment by segment; a raceway that circuits share is run once. */
function running(work: CircuitWork, put: Put): void {
  for (const each of work.route.about.segments) {
    const { index, segment } = each;
    const raceway = isRaceway(segment);
    if (raceway && !work.brings(index, 'raceway')) continue;
    const task = !raceway ? 'cable' : isFlexible(each) ? 'flexible' : 'raceway';
    put(task, segment.lengthFt, index, slowedIn(each, work.finished));
  }
}

/** Digging and boring; a trench that circuits share is dug once. */
function digging({ route, brings }: CircuitWork, put: Put): void {
  for (const { segment, bored, trench } of route.burials) {
    const at = route.about.segments.find(({ index }) => index === segment);
    if (at === undefined || !brings(segment, 'trench')) continue;
    if (bored) put('bore', at.segment.lengthFt, segment, ['hard-ground']);
    else put('dig', trench.soilYd3, segment, ['hard-ground', 'rain']);
  }
}

/** From this size on a conductor is pulled with a rope and a second pair of hands, or with a winch. */
const HEAVY = sizeRank('1');

/** Single conductors are pulled, foot by foot of each; cable is run. */
function pulling({ route }: CircuitWork, put: Put): void {
  for (const { cable, conductors, routeFt, segments } of route.wires) {
    if (cable !== null) continue;
    const heavy = conductors.some(({ size }) => sizeRank(size) >= HEAVY);
    put(heavy ? 'pull-heavy' : 'pull', conductors.length * routeFt, segments[0] ?? null, []);
  }
}

/** What the appliance itself takes where it is not plugged in. */
function landing({ route: { about } }: CircuitWork, put: Put): void {
  const { circuit, solved } = about;
  const { family } = circuit.appliance;
  if (family === 'feeder') put('subpanel', 1, null, []);
  else if (solved.figures.load.connection === 'hardwired')
    put(family === 'ev' ? 'charger' : 'equipment', 1, null, []);
}

type Put = (task: LaborTask, count: number, segment: number | null, slowedBy: readonly LaborFactor[]) => void;

/**
 * The work of one circuit: running and digging by the segments, pulling by the conductors, boxes and devices by the
 * piece, its end in the panel, the appliance, and proving it. An existing circuit takes none.
 */
export function circuitLabor(work: CircuitWork): readonly LaborNeed[] {
  const { circuit, solved } = work.route.about;
  if (circuit.existing !== null || !isSized(solved.figures)) return [];
  const labor: LaborNeed[] = [];
  const put: Put = (task, count, segment, slowedBy) => {
    if (count > 0)
      labor.push({ task, source: { kind: 'circuit', id: circuit.id }, segment, count, slowedBy });
  };
  running(work, put);
  digging(work, put);
  pulling(work, put);
  for (const { item, count } of work.needs) {
    const task = SET[item.kind];
    if (task !== undefined) put(task, count, null, work.finished && task === 'box' ? ['finished'] : []);
  }
  landing(work, put);
  put('panel-end', 1, null, circuit.feedId === null ? ['old-panel'] : []);
  put('prove', 1, null, []);
  return labor;
}
