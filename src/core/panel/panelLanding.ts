import type { Bars, PanelLanding } from '../circuit/panelLanding';
import type { Panel } from './panelSchema';

/** What a panel is: recorded as the service it is past it where the service disconnect is outside (250.24, 408.40). */
const roleOf = ({ role, serviceDisconnect }: Panel): PanelLanding['role'] =>
  role === 'service' && serviceDisconnect !== 'outside' ? 'service' : 'subpanel';

/** Its bars as they were looked at; those of a panel that this job sets are as they will be set. */
function barsOf(panel: Panel): Bars {
  const { neutrals, bondingScrew, installed } = panel;
  if (neutrals === 'bonded' || bondingScrew === 'in') return 'bonded';
  if (neutrals === 'apart') return 'apart';
  if (installed !== 'new') return 'unseen';
  return roleOf(panel) === 'service' ? 'bonded' : 'apart';
}

/** What of a panel bears on the landing of its circuits. */
export const panelLanding = (panel: Panel): PanelLanding => ({ role: roleOf(panel), bars: barsOf(panel) });
