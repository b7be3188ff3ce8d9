import { present } from '../units/present';
import type { Edition } from '../code/edition';
import { sizeRank, smallerSize, WIRE_SIZES, type Metal, type WireSize } from '../units/wireSize';
import type { Working } from '../working/worked';

/** The ground that a circuit needs. */
export interface GroundNeed {
  /** What the table asks for the device, before any increase. */
  readonly base: WireSize;
  /** What is needed in the end. */
  readonly size: WireSize;
  /** Whether the phase conductors were made larger than their load asked. */
  readonly increased: boolean;
}

/** Slack for quotients of circular mils: 16510.0001 is still 8 AWG. */
const CMIL_SLACK = 1e-4;

/** The table's smallest equipment ground for a device; between two rows the larger one (Table 250.122). */
const tableGround = (code: Edition, ocpdA: number, metal: Metal): { size: WireSize; row: number } => {
  const rows = code.tables.equipmentGround.rows;
  for (const row of rows) if (ocpdA <= row.ocpd) return { size: row[metal], row: row.ocpd };
  const last = present(rows.at(-1), 'Table 250.122');
  return { size: last[metal], row: last.ocpd };
};

/** A ground increased with the circular mils of the phases. */
export function increasedGround(base: WireSize, min: WireSize, installed: WireSize, code: Edition): WireSize {
  const area = code.tables.conductors.rows;
  return smallerSize(sizeOfArea(code, area[base].cmil * (area[installed].cmil / area[min].cmil)), installed);
}

const sizeOfArea = (code: Edition, cmil: number): WireSize =>
  WIRE_SIZES.find((size) => code.tables.conductors.rows[size].cmil >= cmil * (1 - CMIL_SLACK)) ?? '750';

/**
 * The equipment grounding conductor: the table's size for the device, increased with the circular mils
 * when the phase conductors are larger than the least that would do, and never larger than those
 * (250.122(A), (B)), but never smaller than the `floor` of a pool article. A cause in correction or adjustment does not increase it: `least` counts those in.
 */
export function equipmentGround(
  ocpdA: number,
  installed: WireSize,
  min: WireSize,
  metal: Metal,
  code: Edition,
  work: Working,
  floor: WireSize | null = null,
): GroundNeed {
  const { size: base, row } = tableGround(code, ocpdA, metal);
  work.step('ground.table', 'ground.table', { ocpdA, metal }, base, {
    read: { table: 'equipmentGround', row: String(row), column: metal },
  });
  const increased = sizeRank(installed) > sizeRank(min);
  let size = base;
  if (increased) {
    const area = code.tables.conductors.rows;
    const ratio = area[installed].cmil / area[min].cmil;
    work.step('ground.ratio', 'ground.increased', { installed, min }, ratio);
    size = work.step(
      'ground.increased',
      'ground.increased',
      { base, ratio },
      sizeOfArea(code, area[base].cmil * ratio),
      {
        read: { table: 'conductors', row: sizeOfArea(code, area[base].cmil * ratio), column: 'cmil' },
      },
    );
  }
  const capped = smallerSize(size, installed);
  if (capped !== size) work.step('ground.capped', 'ground.phase-cap', { phase: installed }, capped);
  if (floor === null || sizeRank(capped) >= sizeRank(floor)) return { base, size: capped, increased };
  return { base, size: work.step('ground.least', 'ground.pool', { min: floor }, floor), increased };
}
