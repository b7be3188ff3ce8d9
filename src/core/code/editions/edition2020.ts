import type { EditionDifference } from '../editionShape';
import type { Location } from '../locations';
import { believed, known, type GroundFaultAppliances } from '../parameters';
import { certain, doubtful } from '../sections';
import { without10A } from './without10A';

/** What 2020 sets and numbers otherwise. */
export const edition2020 = {
  year: 2020,
  certainty: 'known',
  sections: {
    'conductor.ambient': doubtful('Table 310.15(B)(1)'),
    'disconnect.building': certain('225.31'),
    'pool.kind': certain('680.2'),
    'existing.three-wire': certain('250.140 Ex.'),
    'panel.bond': certain('250.24(B)'),
    'table.motor-device': certain('Table 430.52'),
    'table.burial': certain('Table 300.5'),
    'ident.ground': certain('250.119(A)'),
    'service.ev': doubtful('625.42'),
    'route.expansion': doubtful('352.44'),
    'service.lighting': certain('220.42'),
    'service.group': certain('625.42'),
    'service.management': doubtful('750.30'),
    'load.ev-setting': certain('625.42'),
    'load.managed': doubtful('750.30'),
    'load.cooking-tap': doubtful('210.19(A)(3) Ex. 1'),
    'load.range-least': certain('210.19(A)(3)'),
    'gfci.appliance': certain('422.5(A)'),
  },
  parameters: {
    feederSurge: known<boolean>(false, 'feeder.surge'),
    ringUnderPavement: known<boolean>(true, 'bond.loop'),
    buildingEmergency: known<boolean>(false, 'feeder.emergency'),
    bareNeutralFromSubpanel: known<boolean>(false, 'existing.three-wire'),
    smallestOcpd: known<number>(15, 'breaker.standard'),
    hardwiredGfciPlaces: known<readonly Location[]>(['outdoor'], 'gfci.outdoor'),
    evFloorVA: known<number>(0, 'service.ev'),
    hvacExemptUntil: believed<string>('2023-01-01', 'gfci.outdoor'),
    hvacExemptVariable: believed<boolean>(true, 'gfci.outdoor'),
    gfciWholeKitchen: known<boolean>(false, 'gfci.place'),
    gfciAppliances: known<GroundFaultAppliances>(
      ['vacuum', 'water-cooler', 'pressure-washer', 'tire-inflator', 'vending', 'dishwasher', 'sump-pump'],
      'gfci.appliance',
    ),
  },
  tables: { standardOcpd: without10A },
} as const satisfies EditionDifference;
