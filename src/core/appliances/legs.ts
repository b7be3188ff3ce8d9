import { z } from 'zod';
import type { SectionKey } from '../code/sections';
import type { Edition } from '../code/edition';
import { isRefused, refuse, type Refused } from '../units/refused';
import type { Working } from '../working/worked';

/** One load behind a feeder or on a circuit of mixed loads. */
export const legLoadSchema = z.strictObject({
  what: z.string().min(1).max(60),
  amps: z.number().min(0).max(400),
  leg: z.enum(['A', 'B', 'both']).describe('Which leg carries it; both: line to line'),
  continuous: z.boolean().optional(),
  motor: z.boolean().optional(),
});

/** One load behind a feeder. */
export type LegLoad = z.infer<typeof legLoadSchema>;

/** What the two legs are asked to carry: amperes as they run, and with 125 % where the code adds it. */
export interface LegSums {
  readonly designA: number;
  readonly runA: number;
  readonly otherLegRunA: number;
}

/** One leg: what it runs at, and with 125 % where the code adds it. */
function legSum(
  loads: readonly LegLoad[],
  leg: 'A' | 'B',
  factor: number,
): { readonly design: number; readonly run: number } {
  const own = loads.filter((load) => load.leg === leg || load.leg === 'both');
  const motors = own.filter(({ motor }) => motor === true);
  const largest = Math.max(0, ...motors.map(({ amps }) => amps));
  // A largest motor that is continuous has its 125 % already.
  const more = motors.some(({ amps, continuous }) => amps === largest && continuous !== true) ? largest : 0;
  return {
    design: own.reduce(
      (sum, { amps, continuous }) => sum + amps * (continuous === true ? factor : 1),
      more * (factor - 1),
    ),
    run: own.reduce((sum, { amps }) => sum + amps, 0),
  };
}

/**
 * Design current of each leg by itself: its continuous loads and the largest motor that it carries at 125 %, the rest at
 * 100 %; the heavier leg decides (215.2(A)(1), 430.24). The order of the loads changes nothing.
 */
export function heavierLeg(
  loads: readonly LegLoad[],
  code: Edition,
  work: Working,
  section: SectionKey,
): LegSums {
  const factor = code.parameters.continuousFactor.value;
  const sums = { A: legSum(loads, 'A', factor), B: legSum(loads, 'B', factor) };
  const [heavy, light] = sums.A.design >= sums.B.design ? [sums.A, sums.B] : [sums.B, sums.A];
  work.step('load.legs', section, { legA: sums.A.design, legB: sums.B.design }, heavy.design);
  return { designA: heavy.design, runA: heavy.run, otherLegRunA: light.run };
}

const ACCEPTS =
  'loads apart by semicolons, each as "Heater 16 A both continuous" or "Compressor 12 A both motor"';

const LOAD = /^(.+?)\s+(\d+(?:\.\d+)?)\s*a?\s+(a|b|both)((?:\s+(?:continuous|motor))*)$/i;

/** Loads as they are typed: "Heater 16 A both continuous; Lights 4 A B". Refuses what is not understood. */
export function parseLoads(text: string): readonly LegLoad[] | Refused {
  const parts = text
    .split(/[;\n]+/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  if (parts.length === 0) return refuse(text, ACCEPTS);
  const loads: LegLoad[] = [];
  for (const part of parts) {
    const [, what = '', amps = '', leg = '', marks = ''] = LOAD.exec(part) ?? [];
    const read = legLoadSchema.safeParse({
      what: what.slice(0, 60),
      amps: Number(amps),
      leg: leg.toLowerCase() === 'both' ? 'both' : leg.toUpperCase(),
      ...(/continuous/i.test(marks) ? { continuous: true } : {}),
      ...(/motor/i.test(marks) ? { motor: true } : {}),
    });
    if (!read.success) return refuse(text, ACCEPTS);
    loads.push(read.data);
  }
  return loads;
}

/** Loads as they are typed. */
export const printLoads = (loads: readonly LegLoad[]): string =>
  loads
    .map(({ what, amps, leg, continuous, motor }) =>
      [what, `${amps} A`, leg, continuous === true ? 'continuous' : '', motor === true ? 'motor' : '']
        .filter((part) => part !== '')
        .join(' '),
    )
    .join('; ');

/** How loads are asked: typed one after the other; none where nothing is typed. */
export const LOADS = {
  print: (loads: readonly LegLoad[] | undefined): string => printLoads(loads ?? []),
  parse: (text: string): LegLoad[] | undefined | Refused => {
    if (text.trim() === '') return undefined;
    const read = parseLoads(text);
    return isRefused(read) ? read : [...read];
  },
};
