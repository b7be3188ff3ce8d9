import type { OutletNeeds } from '../appliances/family';
import type { Edition } from '../code/edition';
import { NEW_WORK, PLANNING_ONLY, type NewWork, type ThreeWireFault } from '../code/newWork';
import type { AnyFinding } from '../findings/finding';
import { FRAME_ON_NEUTRAL } from '../protection/loadKinds';
import { sizeRank, type Metal, type WireSize } from '../units/wireSize';
import type { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';
import type { Existing } from './existingSchema';
import type { LandedIn } from './panelLanding';

/** An existing circuit with what bears on whether it may stay. */
export interface ExistingCase {
  readonly circuit: Circuit;
  readonly existing: Existing;
  readonly needs: OutletNeeds;
  readonly code: Edition;
  /** What it is landed in. */
  readonly landed: LandedIn;
}

/** Whether breaker and conductor were recorded: an existing circuit is judged by them and never sized. */
export const isRecorded = ({ existing, pins }: Circuit): boolean =>
  existing === null || (pins.ocpdA !== undefined && pins.size !== undefined);

/** Whether the neutral of three wires grounds the frame, so that there is no ground to size. */
export const isThreeWire = ({ existing, appliance }: Circuit): boolean =>
  existing?.frame === 'neutral' ||
  (existing !== null && appliance.family === 'feeder' && appliance.nameplate.wires === 3);

const NEUTRAL_FLOOR: Readonly<Record<Metal, WireSize>> = { cu: '10', al: '8' };

/** The first condition of 250.140 that fails; undefined where none is known to. */
function threeWireFault({
  circuit,
  existing,
  needs,
  code,
  landed,
}: ExistingCase): ThreeWireFault | undefined {
  const { neutral, serviceCable, groundInBox, frameBonded, extended, legal } = existing;
  if (!FRAME_ON_NEUTRAL.has(needs.kind)) return 'appliance';
  if (extended === true) return 'extended';
  if (legal === false) return 'not-legal';
  const size = existing.neutralSize ?? circuit.pins.size;
  if (size !== undefined && sizeRank(size) < sizeRank(NEUTRAL_FLOOR[circuit.material])) return 'neutral-size';
  if (neutral === 'bare' && serviceCable === false) return 'bare-cable';
  if (neutral === 'bare' && landed.role === 'subpanel' && !code.parameters.bareNeutralFromSubpanel.value)
    return 'bare-subpanel';
  if (groundInBox === true) return 'box-ground';
  return frameBonded === false ? 'not-bonded' : undefined;
}

/** What of 250.140 was not looked at. */
const threeWireUnknowns = ({ landed, existing }: ExistingCase): readonly (keyof Existing | 'panel')[] => {
  const asked: readonly (readonly [keyof Existing | 'panel', boolean])[] = [
    ['extended', existing.extended === undefined],
    ['legal', existing.legal === undefined],
    ['neutral', existing.neutral === undefined],
    ['serviceCable', existing.neutral === 'bare' && existing.serviceCable === undefined],
    ['panel', existing.neutral === 'bare' && landed.role === null],
    ['groundInBox', existing.groundInBox === undefined],
    ['frameBonded', existing.frameBonded === undefined],
  ];
  return asked.flatMap(([key, is]) => (is ? [key] : []));
};

/** A range or dryer whose frame the neutral grounds: it may stay while every condition of 250.140 holds. */
function findThreeWires(about: ExistingCase, work: Working): void {
  const section = 'existing.three-wire';
  const fault = threeWireFault(about);
  if (fault !== undefined) {
    work.found('stop', 'existing.three-wire', section, { why: fault });
    return;
  }
  const missing = threeWireUnknowns(about);
  if (missing.length > 0) work.found('ask', 'existing.three-wire-ask', section, { missing });
  else if (about.existing.neutral === 'bare' && about.landed.role === 'subpanel')
    work.found('ask', 'existing.bare-subpanel', section, { year: about.code.year });
  else work.found('note', 'existing.three-wire-stays', section, { year: about.code.year });
}

/** An old feeder of three wires: in the same building never, to another while 250.32(B)(1) Ex. No. 1 holds. */
function findOldFeeder({ circuit: { appliance }, existing }: ExistingCase, work: Working): void {
  if (appliance.family !== 'feeder') return;
  const detached = appliance.nameplate.building === 'detached';
  if (detached && existing.extended !== true && existing.legal !== false)
    work.found('check', 'existing.feeder-stays', 'feeder.neutral', { wires: 3 });
  else
    work.found('stop', 'existing.feeder-three-wires', detached ? 'feeder.neutral' : 'panel.apart', {
      detached,
    });
}

/** A pool pump whose motor is replaced has GFCI protection from then on (680.21(D)). */
function pumpReplaced({ circuit: { site }, existing, needs, code }: ExistingCase, work: Working): void {
  const { value: isRequired, cite } = code.parameters.pumpReplacedGfci;
  const isProtected = site.groundFault !== undefined && site.groundFault !== 'none';
  if (needs.kind !== 'pool-pump' || !isRequired || isProtected || existing.replaced === false) return;
  work.found(existing.replaced === true ? 'stop' : 'ask', 'existing.pump-replaced', cite, {
    protected: isProtected,
  });
}

/** What is judged of an existing circuit itself: what is recorded, and its three wires. */
export function findExisting(about: ExistingCase, work: Working): void {
  const { circuit, existing, needs } = about;
  const { ocpdA, size } = circuit.pins;
  if (!isRecorded(circuit)) {
    const missing = ocpdA === undefined ? (size === undefined ? 'both' : 'breaker') : 'conductor';
    work.found('ask', 'existing.not-recorded', 'load.nameplate', { missing });
  }
  pumpReplaced(about, work);
  if (circuit.appliance.family === 'feeder') {
    if (isThreeWire(circuit)) findOldFeeder(about, work);
  } else if (existing.frame === 'neutral') findThreeWires(about, work);
  else if (existing.frame === undefined && FRAME_ON_NEUTRAL.has(needs.kind))
    work.found('ask', 'existing.frame', 'existing.three-wire', { year: about.code.year });
}

const isNewWork = (code: string): code is NewWork => NEW_WORK.some((each) => each === code);

/** Of three wires no ground is judged: the neutral is in its place, which has findings of its own. */
const isReplaced = ({ code }: AnyFinding, circuit: Circuit): boolean =>
  isThreeWire(circuit) &&
  (code.startsWith('egc.') ||
    code === 'receptacle.no-ground' ||
    code === 'feeder.four-wires' ||
    code === 'panel.neutral-ground-mixed');

/**
 * The findings of an existing circuit. What only new work requires may stay without it, where it was legal and is
 * not extended; until that is known it is asked. Nothing that endangers is let stay.
 */
export function standingFindings(
  { circuit, existing, code }: ExistingCase,
  found: readonly AnyFinding[],
  work: Working,
): readonly AnyFinding[] {
  const judged = found
    .filter((each) => !PLANNING_ONLY.has(each.code) && !isReplaced(each, circuit))
    // A breaker of two poles that was found may still feed one leg: it is read before anything is plugged in.
    .map((each): AnyFinding => (each.code === 'rv30.not-240' ? { ...each, severity: 'ask' } : each));
  if (existing.legal === false || existing.extended === true) return judged;
  const atNewWater = ({ code }: AnyFinding): boolean =>
    code === 'receptacle.near-water' && existing.newWater !== false;
  const waived = judged.filter((each) => isNewWork(each.code) && !atNewWater(each));
  const rules = [...new Set(waived.map(({ code }) => code).filter(isNewWork))];
  const before = work.findings.length;
  const min = code.parameters.receptacleFromWaterFt;
  if (existing.newWater === undefined && judged.some(atNewWater))
    work.found('ask', 'existing.new-water', min.cite, { minFt: min.value });
  if (rules.length > 0) {
    if (existing.legal === undefined || existing.extended === undefined)
      work.found('ask', 'existing.may-stay', 'existing.stays', { rules });
    else work.found('note', 'existing.stays', 'existing.stays', { rules });
  }
  const kept = judged.filter(
    (each) => !waived.includes(each) && !(atNewWater(each) && existing.newWater === undefined),
  );
  return [...kept, ...work.findings.slice(before)];
}
