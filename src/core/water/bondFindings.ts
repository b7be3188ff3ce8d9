import type { Practices } from '../circuit/practices';
import type { Edition } from '../code/edition';
import type { FindingLog } from '../findings/findingLog';
import type { PerimeterDoubt } from '../code/waterFacts';
import { isConcrete } from './bonding';
import type { WaterReport } from './waterReport';
import type { Water } from './yardSchema';

/** The ring lies so far from the inside wall, and so far below subgrade, inches (680.26(B)(2)). */
export const RING_OFF_IN = { min: 18, max: 24, usual: 21 } as const;
export const RING_DEEP_IN = { min: 4, max: 6, usual: 5 } as const;
/** Metal that the water always wets, square inches (680.26(C)). */
export const WETTED_IN2 = 9;
const RIM_IN = 28;
/** From this on four ties are no longer even. */
const UNEVEN = 1.5;
/** Earth that lies deeper under the water level than this is outside of the band that is bonded, inches. */
const BELOW_BAND_IN = 24;
const TIES = 4;

function parts({ water, parts: all }: WaterReport, out: FindingLog): void {
  for (const { candidate, verdict } of all) {
    const { id, name, bonded, pigtail } = candidate;
    const { bond, reason, section } = verdict;
    const subject = { kind: 'yard', waterId: water.id, itemId: id } as const;
    if (bond === true && bonded === false)
      out.found('stop', 'bond.item-missing', section, { name, reason }, { subject });
    if (bond === 'ask') out.found('ask', 'bond.item-unknown', section, { name, reason }, { subject });
    if (reason === 'double-insulated' && pigtail === false)
      out.found('stop', 'bond.pump-pigtail', section, { name }, { subject });
  }
}

/** How the ring was laid, or is planned. */
function loop({ water, ring }: WaterReport, out: FindingLog): void {
  if (ring === null) return;
  const { ringOffIn: offIn, ringDeepIn: deepIn, conductor, connectors } = water;
  const { min, max } = RING_OFF_IN;
  if (offIn < min || offIn > max)
    out.found('stop', 'bond.loop-distance', 'bond.loop', { offIn, minIn: min, maxIn: max });
  const depth = { deepIn, minIn: RING_DEEP_IN.min, maxIn: RING_DEEP_IN.max };
  if (deepIn < depth.minIn || deepIn > depth.maxIn) out.found('stop', 'bond.loop-depth', 'bond.loop', depth);
  for (const { step, offIn: seen, deepIn: found } of water.seen) {
    const subject = { kind: 'yard', waterId: water.id, itemId: step } as const;
    if (seen !== null && (seen < min || seen > max))
      out.found(
        'stop',
        'bond.loop-distance',
        'bond.loop',
        { offIn: seen, minIn: min, maxIn: max },
        { subject },
      );
    if (found !== null && (found < depth.minIn || found > depth.maxIn))
      out.found('stop', 'bond.loop-depth', 'bond.loop', { ...depth, deepIn: found }, { subject });
  }
  if (!ring.closed) out.found('ask', 'bond.loop-open', 'bond.loop', { pieces: ring.pieces.length });
  if (conductor === 'stranded-8' || conductor === 'smaller')
    out.found('stop', 'bond.conductor', 'bond.parts', { smaller: conductor === 'smaller' });
  if (connectors === 'unlisted') out.found('stop', 'bond.connector-listing', 'bond.connector', {});
}

/** Why the authority decides about the surface around the water. */
function doubtOf({ kind, shell, perimeter, grid }: Water, rimAboveIn: number | undefined): PerimeterDoubt {
  if (kind === 'spa-indoor') return 'indoors';
  if (shell === 'self-contained' && rimAboveIn === undefined) return 'rim-unknown';
  if (perimeter === 'nonconductive') return 'nonconductive';
  return grid === true ? 'grid-unnamed' : 'paved';
}

function perimeter(report: WaterReport, code: Edition, out: FindingLog): void {
  const { water, plan, rimAboveIn, ring } = report;
  const { method, section } = plan.perimeter;
  if (method === 'ask') out.found('ask', 'bond.perimeter', section, { doubt: doubtOf(water, rimAboveIn) });
  const tub = water.shell === 'self-contained' && water.kind === 'spa-outdoor';
  if (tub && method === 'none' && rimAboveIn !== undefined)
    out.found('note', 'bond.relief', section, { rimIn: rimAboveIn });
  if (tub && rimAboveIn !== undefined && rimAboveIn < RIM_IN && (water.rimIn ?? 0) >= RIM_IN)
    out.found('check', 'bond.relief-lost', 'bond.tub', { rimIn: rimAboveIn, minIn: RIM_IN });
  const above = water.kind === 'above-ground' && (water.rimIn ?? 0) > BELOW_BAND_IN;
  if (above && ring !== null && code.parameters.perimeterHeightBand.value)
    out.found('ask', 'bond.height-band', 'bond.loop', { rimIn: water.rimIn ?? 0 });
}

/** Ties between the shell and what is bonded around it. */
function ties(report: WaterReport, practices: Pick<Practices, 'bondTaps'>, out: FindingLog): void {
  const { water, plan, ties: four } = report;
  if (plan.perimeter.method === 'none') return;
  const concrete = isConcrete(water.shell);
  if (concrete && water.taps !== undefined && water.taps < TIES)
    out.found('stop', 'bond.points', 'bond.loop', { has: water.taps, needs: TIES });
  // Concrete takes four points, vinyl and fiberglass none; of a metal wall the authority says.
  if (water.shell === 'metal-wall' && practices.bondTaps === 'ask' && water.taps === undefined)
    out.found('ask', 'bond.taps', 'bond.loop', { taps: TIES });
  if ((concrete || water.shell === 'metal-wall') && four.evenness > UNEVEN + 1e-9)
    out.found('check', 'bond.points-uneven', 'bond.loop', { evenness: four.evenness });
}

/** Whether a fixed, bare, bonded ladder or rail always wets the water with metal enough. */
const isWettedByRail = ({ things }: WaterReport): boolean =>
  things.some(
    ({ thing: { kind, metal, bonded, isolated, wetIn2 } }) =>
      (kind === 'ladder' || kind === 'rail') &&
      metal !== false &&
      bonded === true &&
      isolated !== true &&
      (wetIn2 ?? 0) >= WETTED_IN2,
  );

/** The bond of the water itself. Bare steel in concrete wets it too, but whether that is taken for its bond is asked. */
function wetted(report: WaterReport, out: FindingLog): void {
  const { water, plan, plates } = report;
  const { section } = plan.water;
  const bond = water.shell === 'concrete-steel' && plan.water.bond === false ? 'ask' : plan.water.bond;
  for (const { thing } of plates) {
    const in2 = thing.wetIn2 ?? WETTED_IN2;
    const subject = { kind: 'yard', waterId: water.id, itemId: thing.id } as const;
    if (in2 < WETTED_IN2)
      out.found(
        'stop',
        'bond.water-small',
        section,
        { name: thing.name, in2, minIn2: WETTED_IN2 },
        { subject },
      );
  }
  if (bond === false || plates.length > 0 || isWettedByRail(report)) return;
  out.found(bond === true ? 'stop' : 'ask', 'bond.water', section, {
    kind: water.kind,
    shell: water.shell,
  });
}

/** What of the bonding is missing, wrong, or for the authority to decide. */
export function bondFindings(
  report: WaterReport,
  practices: Pick<Practices, 'bondTaps'>,
  code: Edition,
  out: FindingLog,
): void {
  parts(report, out);
  loop(report, out);
  perimeter(report, code, out);
  ties(report, practices, out);
  wetted(report, out);
}
