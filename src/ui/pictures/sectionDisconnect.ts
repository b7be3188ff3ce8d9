import type { CircuitEvaluation } from '../../core/job/evaluation';
import { alongPath } from '../../core/route/alongPath';
import type { SectionGeometry } from '../../core/route/sectionGeometry';
import { printNumber as n } from '../../core/units/number';

/** A disconnect or spa panel that stands in the run, where the survey measured it. */
export interface DrawnDisconnect {
  readonly kind: 'disconnect' | 'spa-panel';
  readonly xFt: number;
  readonly heightFt: number;
  /** Height of the wire below it, feet. */
  readonly wireFt: number;
  readonly name: string;
  readonly note: string;
}

/** A handle is looked for at this height until it was measured, feet. */
const USUAL_HANDLE_FT = 4.5;

/**
 * The disconnect of a circuit as it is drawn: as far before the appliance as was measured. Null where the breaker is
 * enough, where nobody measured, and where the run has it as a station of its own.
 */
export function drawnDisconnect(
  { circuit, solved }: CircuitEvaluation,
  { segments, stations }: SectionGeometry,
): DrawnDisconnect | null {
  const { disconnect, gfci } = solved.figures.outlet;
  const { disconnectFt, disconnectHandleFt } = circuit.site;
  const spa = gfci.form === 'spa-enclosure';
  const needed = spa || disconnect.kind === 'switch' || disconnect.kind === 'motor-switch';
  const last = segments.at(-1);
  if (!needed || disconnectFt === undefined || last === undefined) return null;
  if (stations.some(({ kind }) => kind === 'disconnect')) return null;
  const share = Math.max(0, 1 - disconnectFt / last.lengthFt);
  const { xFt, heightFt: wireFt } = alongPath(last.path, share).at;
  const amps = spa
    ? `${n(solved.figures.ocpd.ratingA)} A GFCI`
    : disconnect.ratingA === null
      ? ''
      : `${n(disconnect.ratingA)} A`;
  return {
    kind: spa ? 'spa-panel' : 'disconnect',
    xFt,
    heightFt: disconnectHandleFt ?? Math.max(wireFt, USUAL_HANDLE_FT),
    wireFt,
    name: spa ? 'Spa panel' : 'Disconnect',
    note: amps,
  };
}
