import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { SectionGeometry } from '../../core/route/sectionGeometry';
import { printNumber as n } from '../../core/units/number';
import { drawnDisconnect } from './sectionDisconnect';
import type { RunSectionProps } from './sectionDrawing';

type Facts = Pick<
  RunSectionProps,
  'panelLabel' | 'applianceLabel' | 'applianceAmps' | 'family' | 'plugged' | 'spaPanel' | 'disconnect'
>;

/** Families whose own silhouette is the receptacle. */
const ARE_RECEPTACLES: ReadonlySet<string> = new Set(['rv', 'receptacle']);

/** What is drawn and written at both ends of a run. */
export function sectionFacts(view: CircuitEvaluation, geometry: SectionGeometry): Facts {
  const { circuit, solved } = view;
  const { ocpd, load, outlet } = solved.figures;
  const { family } = circuit.appliance;
  return {
    panelLabel: `${n(ocpd.ratingA)} A, ${ocpd.poles}-pole`,
    applianceLabel: circuit.name.split(',')[0] ?? circuit.name,
    applianceAmps: `${n(load.continuousA + load.otherA, 1)} A`,
    family,
    plugged: outlet.receptacle !== null && !ARE_RECEPTACLES.has(family),
    spaPanel: outlet.gfci.form === 'spa-enclosure',
    disconnect: drawnDisconnect(view, geometry),
  };
}
