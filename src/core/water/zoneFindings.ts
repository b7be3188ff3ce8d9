import type { Edition } from '../code/edition';
import type { MethodId } from '../code/methods';
import type { FindingLog } from '../findings/findingLog';
import type { Subject } from '../findings/subject';
import { overheadClearance, platformClearance } from './overhead';
import { apart, type Point } from './point';
import { straightToWater } from './reach';
import { cross, crossesOutline, nearestOn, piecesOf } from './segments';
import type { WaterReport, ThingAt } from './waterReport';
import { opaqueOf } from './yardBarriers';
import { isEquipment, waterLevelFt } from './yardParts';
import type { Yard, YardLine } from './yardSchema';
import { isWithinReach } from './zones';

/** A tape reads this much off: a distance that is no larger is measured again. */
const TAPE_FT = 0.25;
const CLEAR_FT = 12;
const SIGHT_FT = 50;
const BELT_FT = 5;

/** Methods that may lie within 5 ft of the water (680.11). */
const NEAR_METHODS: ReadonlySet<MethodId> = new Set(['pvc40', 'pvc80', 'rmc', 'imc', 'lfmc', 'lfnc', 'mc']);

const subjectOf = ({ water }: WaterReport, itemId: string): Subject => ({
  kind: 'yard',
  waterId: water.id,
  itemId,
});

/** What stands too near, by what it is. */
function tooNear(
  { thing, object, distanceFt, reach, verdict }: ThingAt,
  subject: Subject,
  out: FindingLog,
): void {
  if (verdict === undefined) return;
  const { name } = thing;
  const { section, leastFt } = verdict;
  const ft = verdict.read === 'straight' ? distanceFt : (reach?.pathFt ?? distanceFt);
  const near = { name, ft, minFt: leastFt ?? 0 };
  switch (object) {
    case 'receptacle':
    case 'pump-receptacle':
      out.found('stop', 'zone.receptacle', section, near, { subject });
      break;
    case 'switch':
      out.found('stop', 'zone.switch', section, { ...near, kind: thing.kind }, { subject });
      break;
    case 'disconnect':
      out.found('stop', 'zone.disconnect', section, near, { subject });
      break;
    case 'outlet':
      out.found('stop', 'zone.outlet', section, near, { subject });
      break;
    case 'luminaire':
    case 'fan':
      out.found('stop', 'zone.luminaire', section, { ...near, clearFt: CLEAR_FT }, { subject });
      break;
    case 'equipment':
      out.found('stop', 'zone.equipment', section, { ...near, pool: false }, { subject });
      break;
    case 'cover-motor':
      out.found('stop', 'zone.cover-motor', section, near, { subject });
      break;
    case 'junction-box': {
      const low = ft >= near.minFt;
      out.found('stop', 'zone.box', section, { ...near, low }, { subject });
      break;
    }
    case undefined:
  }
}

function things(report: WaterReport, out: FindingLog): void {
  for (const each of report.things) {
    const { thing, distanceFt, reach, verdict } = each;
    if (verdict === undefined) continue;
    const subject = subjectOf(report, thing.id);
    const ft = verdict.read === 'straight' ? distanceFt : (reach?.pathFt ?? distanceFt);
    const { leastFt, section, gfciRequired } = verdict;
    if (!verdict.far) tooNear(each, subject, out);
    else if (leastFt !== null && ft < leastFt + TAPE_FT)
      out.found('check', 'zone.close', section, { name: thing.name, ft, minFt: leastFt }, { subject });
    if (gfciRequired !== true) continue;
    if (thing.gfci === false) out.found('stop', 'zone.gfci', section, { name: thing.name, ft }, { subject });
    else if (thing.gfci === undefined && thing.existing === true)
      out.found('ask', 'zone.gfci', section, { name: thing.name, ft }, { subject });
  }
}

/**
 * Other equipment near the water (680.22(E)): an edition before the rule has advice; whether the rule reaches the
 * equipment of the pool itself is a question. A storable pool has no such rule (680.30).
 */
function otherEquipment(report: WaterReport, code: Edition, out: FindingLog): void {
  const { kind: water, shell } = report.water;
  const isRule = code.parameters.otherEquipmentFromWater.value;
  for (const { thing, object, reach } of report.things) {
    const isPool = shell !== 'self-contained' && (thing.kind === 'pump' || thing.kind === 'heater');
    const ft = reach?.pathFt;
    if (ft === undefined || (isPool ? !isRule : object !== 'equipment' || isRule)) continue;
    const { barrier, lowVoltage } = thing;
    if (!isWithinReach({ water, pathFt: ft, barrier, lowVoltage })) continue;
    const data = { name: thing.name, ft, minFt: BELT_FT, pool: isPool };
    out.found(isPool ? 'ask' : 'check', 'zone.equipment', 'zone.equipment', data, {
      subject: subjectOf(report, thing.id),
    });
  }
}

/** What a disconnect near this water opens: the equipment nearest to it, or the listed tub itself. */
function opened({ water, placed, things: all }: WaterReport, from: Point) {
  const near = placed.edge.nearest(from);
  if (water.shell === 'self-contained') return near && { name: water.name, at: near };
  return all
    .filter(({ thing }) => isEquipment(thing))
    .map(({ thing: { name, at } }) => ({ name, at }))
    .toSorted((a, b) => apart(a.at, from) - apart(b.at, from))[0];
}

/** A disconnect is within sight of what it opens (680.13). */
function sight(report: WaterReport, lines: Yard['lines'], out: FindingLog): void {
  const walls = opaqueOf(lines);
  for (const { thing, object, isNearest } of report.things) {
    const of = object === 'disconnect' && isNearest ? opened(report, thing.at) : undefined;
    if (of === undefined) continue;
    const ft = apart(thing.at, of.at);
    const hidden = walls.some((wall) => cross([thing.at, of.at], wall));
    if (!hidden && ft <= SIGHT_FT) continue;
    const data = { name: thing.name, of: of.name, ft, hidden };
    out.found('stop', 'zone.disconnect-sight', 'zone.disconnect', data, {
      subject: subjectOf(report, thing.id),
    });
  }
}

/** Wiring in the ground: none under the water but its own, and near it only in methods that are listed for there. */
function underground(
  report: WaterReport,
  line: Extract<YardLine, { kind: 'wiring' }>,
  out: FindingLog,
): void {
  const { placed } = report;
  const subject = subjectOf(report, line.id);
  const pieces = piecesOf(line.points);
  const under = crossesOutline(pieces, placed.outline) || line.points.some((at) => placed.edge.holds(at));
  if (under && !line.feedsWater)
    out.found('stop', 'zone.underground', 'zone.underground', { name: line.name }, { subject });
  if (NEAR_METHODS.has(line.method)) return;
  const corners = pieces.flatMap((piece) => placed.outline.map((corner) => nearestOn(piece, corner)));
  const ft = under
    ? 0
    : Math.min(...[...line.points, ...corners].map((at) => straightToWater(placed.edge, at)));
  const data = { name: line.name, ft };
  if (ft < BELT_FT) out.found('stop', 'zone.underground-method', 'zone.underground', data, { subject });
  else if (line.feedsWater)
    out.found('check', 'zone.underground-method', 'zone.underground', data, { subject });
}

function overhead(report: WaterReport, line: Extract<YardLine, { kind: 'overhead' }>, out: FindingLog): void {
  const level = waterLevelFt(report.water);
  const boards = report.things.filter(({ thing, isNearest }) => thing.kind === 'board' && isNearest);
  const clearances = [
    { from: null, of: overheadClearance(line, report.placed, level) },
    ...boards.map(({ thing }) => ({
      from: thing.name,
      of: platformClearance(line, thing.at, thing.heightFt ?? level),
    })),
  ];
  for (const { from, of } of clearances)
    if (!of.ok && of.ft !== null)
      out.found(
        'stop',
        'zone.overhead',
        'zone.overhead',
        { name: line.name, from, ft: of.ft, minFt: of.minFt },
        { subject: subjectOf(report, line.id) },
      );
}

/** What stands, lies or hangs too near to the water. */
export function zoneFindings(
  report: WaterReport,
  lines: Yard['lines'],
  code: Edition,
  out: FindingLog,
): void {
  things(report, out);
  otherEquipment(report, code, out);
  sight(report, lines, out);
  for (const line of lines) {
    if (line.kind === 'wiring') underground(report, line, out);
    if (line.kind === 'overhead') overhead(report, line, out);
  }
}
