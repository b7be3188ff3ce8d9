import type { MarkName, MarkValue } from './mark';

/** Figures of a plate that belong together. */
export interface Bond {
  readonly code:
    | 'mocp-below-mca'
    | 'mca-of-parts'
    | 'kw-against-amps'
    | 'breaker-below-output'
    | 'effective-current';
  readonly marks: readonly MarkName[];
  /** Whether they agree as printed figures do. */
  readonly holds: boolean;
}

/** What a plate says, a figure or two a mark. */
export type Figures = Readonly<Partial<Record<MarkName, MarkValue>>>;

const one = (value: MarkValue | undefined): number | undefined =>
  typeof value === 'number' ? value : undefined;

/** Printed figures are rounded, to a tenth as a rule. */
const ROUNDED = 0.06;
/** Watts on a plate are rounded and at another voltage than the amperes: further apart than this they contradict. */
const WATTS_SHARE = 0.1;
/** A continuous load is 125 % of itself (210.20(A), 625.41). */
const CONTINUOUS = 1.25;

const near = (a: number, b: number, by: number): boolean => Math.abs(a - b) <= by;

/** The sums that the figures of a plate must give where it shows all of them: MCA = 1.25 x RLA + FLA (440.33). */
export function bondsOf(figures: Figures): readonly Bond[] {
  const bonds: Bond[] = [];
  const of = (mark: MarkName): number | undefined => one(figures[mark]);
  const [mca, mocp, rla, fla] = [of('MCA'), of('MOCP'), of('RLA'), of('FLA')];
  if (mca !== undefined && mocp !== undefined)
    bonds.push({ code: 'mocp-below-mca', marks: ['MCA', 'MOCP'], holds: mocp >= mca });
  if (mca !== undefined && rla !== undefined && fla !== undefined)
    bonds.push({
      code: 'mca-of-parts',
      marks: ['MCA', 'RLA', 'FLA'],
      holds: near(mca, CONTINUOUS * rla + fla, 2 * ROUNDED),
    });
  const [kw, amps, volts] = [of('kW'), of('amps'), of('volts')];
  if (kw !== undefined && amps !== undefined && volts !== undefined)
    bonds.push({
      code: 'kw-against-amps',
      marks: ['kW', 'amps', 'volts'],
      holds: near(kw * 1000, amps * volts, WATTS_SHARE * amps * volts),
    });
  const [output, breaker] = [of('outputAmps'), of('breakerA')];
  if (output !== undefined && breaker !== undefined)
    bonds.push({
      code: 'breaker-below-output',
      marks: ['outputAmps', 'breakerA'],
      holds: breaker >= CONTINUOUS * output - ROUNDED,
    });
  const [max, effective, duty] = [of('I1max'), of('I1eff'), of('dutyPct')];
  if (max !== undefined && effective !== undefined && duty !== undefined)
    bonds.push({
      code: 'effective-current',
      marks: ['I1max', 'I1eff', 'dutyPct'],
      holds: near(effective, max * Math.sqrt(duty / 100), 0.02 * max + ROUNDED),
    });
  return bonds;
}

/** What bears figures out: equal to the tenth, not only no contradiction. */
const EXACT: readonly Bond['code'][] = ['mca-of-parts', 'kw-against-amps', 'effective-current'];

/** Marks whose figures are borne out by others of the plate. */
export const provedMarks = (bonds: readonly Bond[]): ReadonlySet<MarkName> =>
  new Set(bonds.filter(({ code, holds }) => holds && EXACT.includes(code)).flatMap(({ marks }) => marks));
