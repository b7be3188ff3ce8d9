import type { BondCandidate } from '../yardParts';
import { isConcrete } from '../bonding';
import type { Point } from '../point';
import type { WaterReport } from '../waterReport';
import type { Yard } from '../yardSchema';

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

/**
 * The parts around a water that current may pass through: what is bonded or may have to be, the ring, the shell where it
 * conducts, and the water. Metal within a wall of the water, as a light, is left to the water itself.
 */
export function fieldParts(report: WaterReport, { lines }: Pick<Yard, 'lines'>): readonly FieldPart[] {
  const { water, ring, grid, placed, plates } = report;
  const metal = report.parts
    .filter(
      ({ candidate, verdict }) =>
        verdict.reason !== 'moveable' && candidate.kind !== 'light' && candidate.kind !== 'drain',
    )
    .filter(({ candidate, verdict }) => verdict.bond !== false || lines.some(({ id }) => id === candidate.id))
    .map(({ candidate }) => partOf(candidate));
  const unit: FieldPart = {
    id: 'unit',
    name: water.name,
    kind: 'equipment',
    at: water.at,
    earthOhm: EARTH_OHM.equipment,
    bonds: false,
    wet: false,
    leaks: true,
  };
  const start = ring?.pieces[0]?.[0] ?? grid?.pieces[0]?.[0] ?? placed.outline[0] ?? water.at;
  const wall = placed.outline[Math.floor(placed.outline.length * 0.6)] ?? water.at;
  return [
    ...(water.shell === 'self-contained' ? [unit] : []),
    ...metal,
    ...(isConcrete(water.shell)
      ? [
          {
            id: 'shell',
            name: 'Shell steel',
            kind: 'shell',
            at: wall,
            earthOhm: null,
            bonds: true,
            wet: false,
            leaks: false,
          } as const,
        ]
      : []),
    {
      id: 'water',
      name: plates[0]?.thing.name ?? 'Water bond',
      kind: 'water',
      at: plates[0]?.thing.at ?? water.at,
      earthOhm: null,
      bonds: !isConcrete(water.shell),
      wet: false,
      leaks: report.parts.some(({ candidate }) => candidate.kind === 'light'),
    },
    ...(ring === null && grid === null
      ? []
      : [
          {
            id: ring === null ? 'grid' : 'ring',
            name: ring === null ? 'Copper grid' : 'Ring',
            kind: ring === null ? 'grid' : 'ring',
            at: start,
            earthOhm: null,
            bonds: true,
            wet: false,
            leaks: false,
          } as const,
        ]),
  ];
}
