import type { PlateChangeKind } from '../appliances/family';
import { applianceChanges } from '../appliances/registry';
import type { SizedFigures } from '../circuit/figures';
import type { Candidates } from './candidate';
import type { FixChange } from './change';
import { ofCircuit } from './ofCircuit';

/** Another plate for the same appliance, of one kind of change. */
const plate = (
  change: PlateChangeKind,
  kind: FixChange['kind'],
  describe: (figures: SizedFigures) => FixChange,
): Candidates =>
  ofCircuit((circuit) =>
    applianceChanges(circuit.appliance, change).map((appliance) => ({
      kind,
      circuit: { ...circuit, appliance },
      describe,
    })),
  );

export const lowerSetting = plate('setting', 'setting', ({ load }) => ({
  kind: 'setting',
  settingA: load.continuousA,
}));
export const guardSetting = plate('guard-setting', 'guard-setting', ({ load }) => ({
  kind: 'guard-setting',
  settingA: load.continuousA,
}));
export const fullOutput = plate('full-output', 'full-output', ({ load }) => ({
  kind: 'full-output',
  outputA: load.continuousA,
}));
export const sharedLimit = plate('shared-limit', 'shared-limit', ({ load }) => ({
  kind: 'shared-limit',
  sharedA: load.continuousA,
}));
export const hardwire = plate('hardwire', 'hardwire', ({ ocpd }) => ({
  kind: 'hardwire',
  ocpdA: ocpd.ratingA,
}));
export const feeds = plate('feeds', 'feeds', ({ load }) => ({
  kind: 'feeds',
  amps: load.continuousA + load.otherA,
}));
export const onePole = plate('one-pole', 'one-pole', () => ({ kind: 'one-pole' }));
export const largerOutlet = plate('larger-outlet', 'larger-outlet', ({ ocpd }) => ({
  kind: 'larger-outlet',
  ocpdA: ocpd.ratingA,
}));
export const ownCircuit = plate('own-circuit', 'own-circuit', () => ({ kind: 'own-circuit' }));
export const plugOf = (change: 'three-wire-plug' | 'four-wire-plug') =>
  plate(change, 'plug', ({ outlet }) => ({ kind: 'plug', config: outlet.receptacle?.config ?? '' }));

export const plateToCode = plate('plate-to-code', 'plate-to-code', () => ({ kind: 'plate-to-code' }));
