import type { MarkValue, Reading, Torque, WireRange } from './mark';
import type { TextLine } from './textLines';

const onOneLine = (a: Pick<Reading, 'box'>, b: Pick<Reading, 'box'>): boolean =>
  Math.abs(a.box.y + a.box.height / 2 - b.box.y - b.box.height / 2) <
  0.6 * Math.max(a.box.height, b.box.height);

/** A figure that one pass takes for the maximum overcurrent protection is no breaker beside it. */
export const withoutTwice = (passes: readonly (readonly Reading[])[]): readonly (readonly Reading[])[] => {
  const most = passes.flat().filter(({ mark }) => mark === 'MOCP');
  const isMost = ({ mark, value, box }: Reading): boolean =>
    mark === 'breakerA' && most.some((each) => each.value === value && onOneLine(each, { box }));
  return passes.map((readings) => readings.filter((reading) => !isMost(reading)));
};

/** How far the volts of a power stand: beside it, or over it where the plate is a table of cells. */
function awayFrom({ box }: Reading, volts: Reading): number {
  if (onOneLine({ box }, volts)) return Math.abs(box.x - volts.box.x) / 100;
  const isOver =
    volts.box.y < box.y && volts.box.x < box.x + box.width && box.x < volts.box.x + volts.box.width;
  return isOver ? box.y - volts.box.y : Infinity;
}

/** A plate with a power for each voltage has rows: volts and kilowatts that stand together belong together. */
export function inRows(found: readonly Reading[]): readonly Reading[] {
  const rows = found
    .filter(({ mark }) => mark === 'kW')
    .flatMap((power) => {
      const [volts] = found
        .filter((each) => each.mark === 'volts' && awayFrom(power, each) < Infinity)
        .toSorted((a, b) => awayFrom(power, a) - awayFrom(power, b));
      return volts === undefined ? [] : [[volts, power] as const];
    })
    .toSorted(([a], [b]) => a.box.y - b.box.y || a.box.x - b.box.x);
  if (rows.length < 2 || new Set(rows.map(([volts]) => volts)).size < rows.length) return found;
  const rowOf = (reading: Reading): number | null => {
    const at = rows.findIndex((row) => row.includes(reading));
    return at < 0 ? null : at;
  };
  return found.map((reading) => ({ ...reading, row: rowOf(reading) }));
}

/** A torque that stands behind its sizes of wire: "8 - 2 AWG 40 LB-IN". */
const SIZED_TORQUE =
  /(?<![\d.])(\d{1,2}(?:\/0)?)(?: ?[-–] ?(\d{1,2}(?:\/0)?))? ?(?:AWG|GA)\W*(\d{1,3}) ?(?:LB|1B|IB)S?[-. ]*[I1L]N/g;

const isRange = (value: MarkValue): value is WireRange => typeof value === 'object' && 'from' in value;

/** The torques of a label as one mark: each with its sizes of wire, or one for the sizes that the label takes. */
export function withTorques(found: readonly Reading[], lines: readonly TextLine[]): readonly Reading[] {
  const [first] = found.filter(({ mark }) => mark === 'torqueLbIn');
  if (first === undefined) return found;
  const sized = lines.flatMap(({ text }) =>
    [...text.matchAll(SIZED_TORQUE)].map(([, from = '', to = from, value]): Torque => ({
      from,
      to,
      value: Number(value),
    })),
  );
  const range = found.find(({ mark }) => mark === 'wireRange')?.value;
  const { from = null, to = null } = range !== undefined && isRange(range) ? range : {};
  const torques = sized.length > 0 ? sized : [{ from, to, value: Number(first.value) }];
  return [...found.filter(({ mark }) => mark !== 'torqueLbIn'), { ...first, value: torques }];
}
