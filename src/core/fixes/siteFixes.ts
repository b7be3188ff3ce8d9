import type { AnyFinding } from '../findings/finding';
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

/** The site as it should be, by what the finding says; nothing where it says nothing of it. */
const planSite = (
  what: SiteFix,
  plan: (finding: AnyFinding, site: Site) => Partial<Site> | undefined,
): Candidates =>
  ofCircuit((circuit, finding) => {
    const planned = plan(finding, circuit.site);
    return planned === undefined
      ? []
      : [
          {
            kind: 'reset-to-code',
            circuit: { ...circuit, site: { ...circuit.site, ...planned } },
            describe: () => ({ kind: 'reset-to-code', what }),
          },
        ];
  });

/** A receptacle as near to the equipment as it must be. */
export const serviceOutlet = planSite('service-outlet', ({ data, severity }) =>
  severity === 'stop' && 'maxFt' in data ? { serviceOutletFt: data.maxFt } : undefined,
);

/** An emergency shutoff that is planned, labeled and where it is reached. */
export const plannedShutoff = planSite('shutoff', () => ({ emergencyShutoff: 'planned' }));

/** A disconnect of the other building, where the supply enters. */
export const plannedBuildingDisconnect = planSite('building-disconnect', ({ severity }) =>
  severity === 'stop' ? { buildingDisconnect: 'planned' } : undefined,
);

/** A disconnect where it is seen and near enough. */
export const disconnectInSight = planSite('disconnect-in-sight', ({ data }, { disconnectFt = Infinity }) =>
  'maxFt' in data ? { disconnectInSight: true, disconnectFt: Math.min(disconnectFt, data.maxFt) } : undefined,
);

/** A disconnect as far from the water as it must be. */
export const disconnectFromWater = planSite('disconnect-from-water', ({ data }) =>
  'minFt' in data ? { waterFt: data.minFt } : undefined,
);

/** A neutral run to the GFCI near a tub of three wires: its pigtail lands on it. */
export const plannedFeedNeutral = planSite('feed-neutral', () => ({ feedNeutral: true }));

/** Lock hardware that stays on the breaker. */
export const lockHardware = planSite('lock-hardware', () => ({ lockable: true }));

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
