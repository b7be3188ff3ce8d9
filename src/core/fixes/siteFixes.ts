import type { Site } from '../protection/siteSchema';
import type { Candidates } from './candidate';
import type { SiteFix } from './change';
import { ofCircuit } from './ofCircuit';

/** The site as it should be: what was planned otherwise is left to the rules again. */
export const bySite = (what: SiteFix, ...keys: readonly (keyof Site)[]): Candidates =>
  ofCircuit((circuit) => {
    const site = { ...circuit.site };
    for (const key of keys) Reflect.deleteProperty(site, key);
    return [
      {
        kind: 'reset-to-code',
        circuit: { ...circuit, site },
        describe: () => ({ kind: 'reset-to-code', what }),
      },
    ];
  });

/** A receptacle at the least distance that water allows. */
export const movedReceptacle = ofCircuit((circuit, { data }) =>
  'minFt' in data
    ? [
        {
          kind: 'move-receptacle',
          circuit: { ...circuit, site: { ...circuit.site, waterFt: data.minFt } },
          describe: () => ({ kind: 'move-receptacle', ft: data.minFt }),
        },
      ]
    : [],
);

/** A receptacle as near to the equipment as it must be. */
export const serviceOutlet = ofCircuit((circuit, { data, severity }) =>
  severity === 'stop' && 'maxFt' in data
    ? [
        {
          kind: 'reset-to-code',
          circuit: { ...circuit, site: { ...circuit.site, serviceOutletFt: data.maxFt } },
          describe: () => ({ kind: 'reset-to-code', what: 'service-outlet' }),
        },
      ]
    : [],
);

/** An emergency shutoff that is planned, labeled and where it is reached. */
export const plannedShutoff = ofCircuit((circuit) => [
  {
    kind: 'reset-to-code',
    circuit: { ...circuit, site: { ...circuit.site, emergencyShutoff: 'planned' } },
    describe: () => ({ kind: 'reset-to-code', what: 'shutoff' }),
  },
]);

/** A disconnect of the other building, where the supply enters. */
export const plannedBuildingDisconnect = ofCircuit((circuit, { severity }) =>
  severity === 'stop'
    ? [
        {
          kind: 'reset-to-code',
          circuit: { ...circuit, site: { ...circuit.site, buildingDisconnect: 'planned' } },
          describe: () => ({ kind: 'reset-to-code', what: 'building-disconnect' }),
        },
      ]
    : [],
);

/** The circuit from the panel that the other building has already. */
export const feedFromThere = ofCircuit((circuit) =>
  circuit.site.supply === 'feeder' && circuit.appliance.family !== 'feeder'
    ? [
        {
          kind: 'feed-from-there',
          circuit: { ...circuit, site: { ...circuit.site, building: 'same', panel: 'subpanel' } },
          describe: () => ({ kind: 'feed-from-there' }),
        },
      ]
    : [],
);

/** A disconnect where it is seen and near enough. */
export const disconnectInSight = ofCircuit((circuit, { data }) =>
  'maxFt' in data
    ? [
        {
          kind: 'reset-to-code',
          circuit: {
            ...circuit,
            site: {
              ...circuit.site,
              disconnectInSight: true,
              disconnectFt: Math.min(circuit.site.disconnectFt ?? data.maxFt, data.maxFt),
            },
          },
          describe: () => ({ kind: 'reset-to-code', what: 'disconnect-in-sight' }),
        },
      ]
    : [],
);

/** A disconnect as far from the water as it must be. */
export const disconnectFromWater = ofCircuit((circuit, { data }) =>
  'minFt' in data
    ? [
        {
          kind: 'reset-to-code',
          circuit: { ...circuit, site: { ...circuit.site, waterFt: data.minFt } },
          describe: () => ({ kind: 'reset-to-code', what: 'disconnect-from-water' }),
        },
      ]
    : [],
);

/** Lock hardware that stays on the breaker. */
export const lockHardware = ofCircuit((circuit) => [
  {
    kind: 'reset-to-code',
    circuit: { ...circuit, site: { ...circuit.site, lockable: true } },
    describe: () => ({ kind: 'reset-to-code', what: 'lock-hardware' }),
  },
]);
