import { cite, type Edition } from '../code/edition';
import { printNumber as n } from '../units/number';
import { bondingPlan } from '../water/bonding';
import { RING_OFF_IN } from '../water/bondFindings';
import { bondLoop } from '../water/bondLoop';
import { reachToWater, straightToWater } from '../water/reach';
import { waterEdge } from '../water/waterEdge';
import { zoneVerdict } from '../water/zones';
import { bondReason } from '../wording/waterWords';
import { defaultLines, type ItemAnswer } from './answer';
import { foundIn, line } from './answerParts';
import type { BondingItem, BondLoopItem, ZoneItem } from './waterSchemas';

type TypedItem = Readonly<Record<string, unknown>>;

/** The length of a bonding loop. */
export function answerBondLoop(item: BondLoopItem, typed: TypedItem, code: Edition): ItemAnswer {
  const { perimeterFt, loopFt, points } = bondLoop(item.shape, item.offsetIn);
  const tails = item.tailsFt.reduce((sum, each) => sum + each, 0);
  const totalFt = loopFt + tails;
  const off = item.offsetIn < RING_OFF_IN.min || item.offsetIn > RING_OFF_IN.max;
  return {
    id: item.id,
    kind: item.kind,
    result: { perimeterFt, loopFt, totalFt, points },
    findings: off
      ? [
          foundIn(code, {
            code: 'bond.loop-distance',
            severity: 'stop',
            section: 'bond.loop',
            data: { offIn: item.offsetIn, minIn: RING_OFF_IN.min, maxIn: RING_OFF_IN.max },
          }),
        ]
      : [],
    working: [
      ...defaultLines(typed, { tailsFt: item.tailsFt.length }),
      line(code, 'bond.loop', 'Perimeter', Object.keys(item.shape).join(''), `${n(perimeterFt)} ft`),
      line(code, 'bond.loop', 'Loop', `${n(item.offsetIn)} in outside, corners rounded`, `${n(loopFt)} ft`),
      line(code, 'bond.loop', 'With tails', `${item.tailsFt.length} tails`, `${n(totalFt)} ft`),
    ],
  };
}

const READ = { path: 'along the path of a cord or hand', straight: 'straight, horizontal' } as const;

/** An object in its zone around the water. */
export function answerZone(item: ZoneItem, typed: TypedItem, code: Edition): ItemAnswer {
  const { water, object, barriers } = item;
  const edge = waterEdge(water.shape);
  const distanceFt = straightToWater(edge, object.at);
  const reach = reachToWater(edge, object.at, barriers);
  const pathFt = reach === null ? null : reach.pathFt;
  const { heightFt, gfci, existing, rigid } = object;
  const measured = {
    water: water.kind,
    object: object.kind,
    distanceFt,
    pathFt,
    heightFt,
    gfci,
    existing,
    rigid,
  };
  const { ok, leastFt, gfciRequired, section, read } = zoneVerdict(measured, code);
  const rule = `${cite(code, section).section}, ${READ[read]}`;
  const path = pathFt === null ? 'no way' : `${n(pathFt)} ft`;
  return {
    id: item.id,
    kind: item.kind,
    result: { distanceFt, pathFt, ok, leastFt, gfciRequired, rule },
    findings: [],
    working: [
      ...defaultLines(typed, { barriers: barriers.length }),
      line(code, section, 'Distance', 'straight, to the nearest inside wall', `${n(distanceFt)} ft`),
      line(code, section, 'Path', `around ${barriers.length} walls or fences`, path),
      line(code, section, 'Least', READ[read], leastFt === null ? 'none' : `${n(leastFt)} ft`),
      line(
        code,
        section,
        'GFCI',
        `${object.kind} at ${water.kind}`,
        gfciRequired === true ? 'required' : 'not required',
      ),
    ],
  };
}

/** What is bonded around a pool, spa or tub, and why. */
export function answerBonding(item: BondingItem, typed: TypedItem, code: Edition): ItemAnswer {
  const plan = bondingPlan(item.water, item.items, code);
  const section = (key: Parameters<typeof cite>[1]): string => cite(code, key).section;
  const { perimeter, water } = plan;
  const items = plan.items.map(({ bond, reason, section: key }, at) => ({
    id: item.items[at]?.id ?? '',
    bond,
    why: bondReason[reason],
    rule: section(key),
  }));
  return {
    id: item.id,
    kind: item.kind,
    result: {
      items,
      perimeter: { method: perimeter.method, points: perimeter.points, rule: section(perimeter.section) },
      water: { bond: water.bond, rule: section(water.section) },
    },
    findings: [],
    working: [
      ...defaultLines(typed, {}),
      ...plan.items.map(({ bond, reason, section: key }, at) =>
        line(
          code,
          key,
          item.items[at]?.id ?? '',
          bondReason[reason],
          bond === 'ask' ? 'ask' : bond ? 'bond' : 'no bond',
        ),
      ),
      line(code, perimeter.section, 'Perimeter', item.water.perimeter, perimeter.method),
      line(
        code,
        water.section,
        'Water',
        item.water.shell,
        water.bond === 'ask' ? 'ask' : water.bond ? 'bond' : 'no bond',
      ),
    ],
  };
}
