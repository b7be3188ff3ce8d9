import type { PlateChangeKind } from '../appliances/family';
import { applianceChanges, type Appliance } from '../appliances/registry';
import type { SizedFigures } from '../circuit/figures';
import type { Candidates } from './candidate';
import { FEEDER_FACTS, type FixChange } from './change';
import { ofCircuit } from './ofCircuit';

/** Another plate for the same appliance, of one kind of change. */
const plate = (
  change: PlateChangeKind,
  kind: FixChange['kind'],
  describe: (figures: SizedFigures, appliance: Appliance) => FixChange,
): Candidates =>
  ofCircuit((circuit) =>
    applianceChanges(circuit.appliance, change).map((appliance) => ({
      kind,
      circuit: { ...circuit, appliance },
      describe: (figures) => describe(figures, appliance),
    })),
  );

/** Of several chargers on a circuit each is set; the load is that of all. */
const settingOf = ({ load }: SizedFigures, appliance: Appliance): number =>
  appliance.family === 'ev' ? (appliance.nameplate.settingA ?? load.continuousA) : load.continuousA;

export const lowerSetting = plate('setting', 'setting', (figures, appliance) => ({
  kind: 'setting',
  settingA: settingOf(figures, appliance),
}));
export const guardSetting = plate('guard-setting', 'guard-setting', (figures, appliance) => ({
  kind: 'guard-setting',
  settingA: settingOf(figures, appliance),
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

/** A feeder as it is required, named by what of its plate changes. */
export const plateToCode = ofCircuit((circuit) =>
  applianceChanges(circuit.appliance, 'plate-to-code').flatMap((appliance) => {
    if (appliance.family !== 'feeder' || circuit.appliance.family !== 'feeder') return [];
    const [was, is] = [circuit.appliance.nameplate, appliance.nameplate];
    const changes = FEEDER_FACTS.filter((fact) => was[fact] !== is[fact]);
    return [
      {
        kind: 'plate-to-code' as const,
        circuit: { ...circuit, appliance },
        describe: () => ({ kind: 'plate-to-code', changes }) as const,
      },
    ];
  }),
);
