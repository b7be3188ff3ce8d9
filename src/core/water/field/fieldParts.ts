import type { BondCandidate } from '../yardParts';
import { isConcrete } from '../bonding';
import type { Point } from '../point';
import type { WaterReport } from '../waterReport';
import type { Water, Yard } from '../yardSchema';

/** What the figures of the field rest on; all of it is stated beside them. */
export interface FieldValues {
  /** A motor that leaks while its equipment ground is open, or a neutral that brings a voltage over the ground wire. */
  readonly source: 'leak' | 'neutral';
  /** The part at which it leaks; null: the first that may. */
  readonly leaksAt: string | null;
  /** Resistivity of the soil, ohm-meters. */
  readonly soilOhmM: number;
  /** Leak in the motor, ohms, from 120 V. */
  readonly leakOhm: number;
  /** Neutral-to-earth voltage, behind 1 ohm. */
  readonly neutralV: number;
  /** A wet body, hand to foot, and hand to hand; two bare feet on this soil; ohms. */
  readonly bodyOhm: number;
  readonly handsOhm: number;
}

/** What is taken until somebody states otherwise. */
export const USUAL_VALUES: FieldValues = {
  source: 'leak',
  leaksAt: null,
  soilOhmM: 100,
  leakOhm: 500,
  neutralV: 5,
  bodyOhm: 300,
  handsOhm: 500,
};

/** Soil for which contacts are stated, ohm-meters. */
export const STATED_SOIL = 100;
/** Two bare feet on soil of a resistivity, ohms. */
export const feetOhm = ({ soilOhmM }: FieldValues): number => 1.5 * soilOhmM;

/** Something at one potential: metal that a hand may touch, the ring, the water. */
export interface FieldPart {
  readonly id: string;
  readonly name: string;
  readonly kind: 'equipment' | 'metal' | 'fence' | 'ring' | 'grid' | 'shell' | 'water';
  /** Where a hand touches it. */
  readonly at: Point;
  /** To earth through where it stands, ohms in soil of 100 ohm-m; null where it lies in the soil cell by cell. */
  readonly earthOhm: number | null;
  /** Whether a bond may tie it to the others: a switch on the plan. */
  readonly bonds: boolean;
  /** Whether it stands in the water. */
  readonly wet: boolean;
  /** Whether current may come in at it: a motor, a heater, water with a light in it. */
  readonly leaks: boolean;
}

/** What parts have to earth where they stand, ohms in soil of 100 ohm-m. */
const EARTH_OHM = { equipment: 250, metal: 400, fence: 60 } as const;

const kindOf = ({ kind }: BondCandidate): FieldPart['kind'] =>
  kind === 'pump' || kind === 'heater' || kind === 'cover-motor'
    ? 'equipment'
    : kind === 'fence' || kind === 'pipe'
      ? 'fence'
      : 'metal';

function partOf(candidate: BondCandidate): FieldPart {
  const kind = kindOf(candidate);
  const earthOhm = kind === 'equipment' || kind === 'metal' ? EARTH_OHM[kind] : EARTH_OHM.fence;
  return {
    id: candidate.id,
    name: candidate.name,
    kind,
    at: candidate.at,
    earthOhm,
    bonds: true,
    wet: candidate.kind === 'ladder',
    leaks: kind === 'equipment',
  };
}

/** What lies in the soil cell by cell, with a bond and nothing that leaks until something else is said. */
const inSoil = (part: Pick<FieldPart, 'id' | 'name' | 'kind' | 'at'>): FieldPart => ({
  ...part,
  earthOhm: null,
  bonds: true,
  wet: false,
  leaks: false,
});

/** The listed unit itself: whatever leaks in it drives its metal. */
const unitOf = ({ name, at }: Water): FieldPart => ({
  id: 'unit',
  name,
  kind: 'equipment',
  at,
  earthOhm: EARTH_OHM.equipment,
  bonds: false,
  wet: false,
  leaks: true,
});

function waterPart({ water, plates, parts }: WaterReport): FieldPart {
  const plate = plates[0]?.thing;
  return {
    ...inSoil({ id: 'water', name: plate?.name ?? 'Water bond', kind: 'water', at: plate?.at ?? water.at }),
    bonds: !isConcrete(water.shell),
    leaks: parts.some(({ candidate }) => candidate.kind === 'light'),
  };
}

/** The wire that bonds the surface; undefined where none is laid. */
function surfacePart({ ring, grid }: WaterReport): FieldPart | undefined {
  const at = (ring ?? grid)?.pieces[0]?.[0];
  if (at === undefined) return undefined;
  return ring === null
    ? inSoil({ id: 'grid', name: 'Copper grid', kind: 'grid', at })
    : inSoil({ id: 'ring', name: 'Ring', kind: 'ring', at });
}

/**
 * The parts around a water that current may pass through: what is bonded or may have to be, the wire that bonds the
 * surface, the shell where it conducts, and the water. Metal within a wall of the water, as a light, is left to the water
 * itself.
 */
export function fieldParts(report: WaterReport, { lines }: Pick<Yard, 'lines'>): readonly FieldPart[] {
  const { water, placed } = report;
  const metal = report.parts
    .filter(
      ({ candidate, verdict }) =>
        verdict.reason !== 'moveable' && candidate.kind !== 'light' && candidate.kind !== 'drain',
    )
    .filter(({ candidate, verdict }) => verdict.bond !== false || lines.some(({ id }) => id === candidate.id))
    .map(({ candidate }) => partOf(candidate));
  const wall = placed.outline[Math.floor(placed.outline.length * 0.6)] ?? water.at;
  const shell = inSoil({ id: 'shell', name: 'Shell steel', kind: 'shell', at: wall });
  const surface = surfacePart(report);
  return [
    ...(water.shell === 'self-contained' ? [unitOf(water)] : []),
    ...metal,
    ...(isConcrete(water.shell) ? [shell] : []),
    waterPart(report),
    ...(surface === undefined ? [] : [surface]),
  ];
}
