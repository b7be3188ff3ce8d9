import type { Edition } from '../code/edition';
import { MAX_HANDLE_IN } from '../code/mounting';
import type { FindingLog } from '../findings/findingLog';
import type { Panel } from './panelSchema';

/** Working space and height of the handles: required of a new panel, doubtful in one that is there (110.26(A), 404.8(A)). */
function space({ installed, workingSpace, topHandleIn }: Panel, out: FindingLog): void {
  const severity = installed === 'new' ? 'stop' : 'check';
  if (workingSpace === false)
    out.found(severity, 'panel.working-space', 'panel.working-space', { seen: true });
  else if (workingSpace == null && installed === 'new')
    out.found('ask', 'panel.working-space', 'panel.working-space', { seen: false });
  if (topHandleIn != null && topHandleIn > MAX_HANDLE_IN)
    out.found(severity, 'panel.height', 'panel.height', { inches: topHandleIn, maxIn: MAX_HANDLE_IN });
}

/** A plug-in main that is back-fed is fastened in place (408.36(D)). */
function holdDown({ mainKind, holdDown: fastened }: Panel, out: FindingLog): void {
  if (mainKind !== 'back-fed') return;
  if (fastened === false) out.found('stop', 'panel.hold-down', 'panel.hold-down', { seen: true });
  else if (fastened == null) out.found('ask', 'panel.hold-down', 'panel.hold-down', { seen: false });
}

/** What leaves feed-through lugs is protected by the main of the panel, or is a tap (240.21(B)). */
function feedThrough({ feedThrough: used, feedThroughProtected, mainA }: Panel, out: FindingLog): void {
  if (used !== true || feedThroughProtected === true) return;
  const data = { mainA: mainA ?? 0 };
  if (feedThroughProtected === false) out.found('stop', 'panel.feed-through', 'panel.feed-through', data);
  else out.found('ask', 'panel.feed-through', 'panel.feed-through', data);
}

/** A surge-protective device at new service equipment of a dwelling (230.67). */
function surge({ role, installed, surgeDevice }: Panel, { parameters }: Edition, out: FindingLog): void {
  if (role !== 'service' || installed !== 'new' || !parameters.serviceSurge.value) return;
  const { cite } = parameters.serviceSurge;
  if (surgeDevice === false) out.found('stop', 'panel.surge', cite, { seen: true });
  else if (surgeDevice == null) out.found('ask', 'panel.surge', cite, { seen: false });
}

/** How a panel is mounted, fed and protected, as far as it was looked at. */
export function installation(panel: Panel, code: Edition, out: FindingLog): void {
  space(panel, out);
  holdDown(panel, out);
  feedThrough(panel, out);
  surge(panel, code, out);
}
