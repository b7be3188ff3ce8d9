import type { BondUnknown } from '../code/bondFacts';
import type { FindingLog } from '../findings/findingLog';
import type { Panel } from './panelSchema';

/** Whether neutral and ground bars are bonded, as far as they were looked at. */
const isBonded = ({ neutrals, bondingScrew }: Panel): boolean =>
  neutrals === 'bonded' || bondingScrew === 'in';

/** Whether a ground of any kind comes with the feeder: a wire, or a raceway or armor that is one (250.118). */
const hasGround = ({ feedWires, feedGround }: Panel): boolean => feedWires === 4 || feedGround === true;

function unknowns(panel: Panel): readonly BondUnknown[] {
  const { building, feedWires, feedGround, legalWhenInstalled, metallicPath, groundFaultUpstream } = panel;
  const missing: readonly (readonly [BondUnknown, boolean])[] = [
    ['wires', feedWires == null],
    ['ground', feedWires !== 4 && feedGround == null],
    ['age', legalWhenInstalled == null],
    ['path', metallicPath == null],
    ['gfpe', groundFaultUpstream == null],
  ];
  if (building == null) return ['building', ...missing.flatMap(([unknown, is]) => (is ? [unknown] : []))];
  // In the same building there is no exception, and with a ground there is none in another.
  if (building === 'same' || hasGround(panel)) return [];
  return missing.flatMap(([unknown, is]) => (is ? [unknown] : []));
}

/** Whether an existing bond in another building may stay (250.32(B)(1) Ex. No. 1). */
const mayStay = (panel: Panel): boolean =>
  panel.building === 'other' &&
  !hasGround(panel) &&
  panel.legalWhenInstalled === true &&
  panel.metallicPath === false &&
  panel.groundFaultUpstream === false;

/** A bond past the service: what must be known, whether it may stay, and in which order it goes. Never lifted first. */
function inSubpanel(panel: Panel, out: FindingLog): void {
  if (!isBonded(panel)) return;
  const missing = unknowns(panel);
  if (missing.length > 0) out.found('ask', 'panel.bond-ask', 'panel.apart', { missing });
  else if (mayStay(panel)) out.found('check', 'panel.bond-stays', 'feeder.neutral', { name: panel.name });
  else {
    const where = panel.building === 'other' ? 'other-building' : 'subpanel';
    const cite = where === 'subpanel' ? 'panel.apart' : 'feeder.neutral';
    out.found('stop', 'panel.neutrals-mixed', cite, { where, ground: hasGround(panel) });
  }
}

/** A panel that is recorded as the service: where the service disconnect is comes first (250.142(B), 230.85). */
function inService(panel: Panel, out: FindingLog): void {
  const { serviceDisconnect, neutrals, bondingScrew } = panel;
  if (serviceDisconnect === 'outside') {
    out.found('check', 'panel.is-subpanel', 'panel.apart', { name: panel.name });
    inSubpanel({ ...panel, building: panel.building ?? 'same' }, out);
    return;
  }
  const unbonded = bondingScrew === 'out' || (neutrals === 'apart' && bondingScrew !== 'in');
  // Whether its bars are to be bonded or apart rests on where the service disconnect is.
  if (serviceDisconnect == null && (unbonded || isBonded(panel)))
    out.found('ask', 'panel.service-where', 'panel.apart', { name: panel.name });
  else if (!unbonded) return;
  else if (bondingScrew === null) out.found('ask', 'panel.bond-unseen', 'panel.bond', { name: panel.name });
  else out.found('stop', 'panel.neutrals-mixed', 'panel.bond', { where: 'service', ground: true });
}

/** The bond between neutral and ground of a panel, by what it is and where the service disconnect is. */
export function bonding(panel: Panel, out: FindingLog): void {
  if (panel.role === 'subpanel') inSubpanel(panel, out);
  else inService(panel, out);
}
