import type { EditionDifference } from '../editionShape';
import type { Location } from '../locations';
import { believed, known, type GroundFaultAppliances, type ServiceTrigger } from '../parameters';
import { certain, doubtful } from '../sections';
import { without10A } from './without10A';

/** What 2017 sets and numbers otherwise. */
export const edition2017 = {
  year: 2017,
  certainty: 'known',
  sections: {
    'conductor.ampacity': certain('Table 310.15(B)(16)'),
    'conductor.ambient': doubtful('Table 310.15(B)(2)(a)'),
    'conductor.adjustment': certain('Table 310.15(B)(3)(a)'),
    'conductor.lower-ampacity': doubtful('310.15(A)(2)'),
    'method.raceway': doubtful('310.10(C)'),
    'load.ev-setting': doubtful('625.42'),
    'load.managed': certain('625.42'),
    'load.cooking-tap': doubtful('210.19(A)(3) Ex. 1'),
    'disconnect.building': certain('225.31'),
    'existing.three-wire': certain('250.140 Ex.'),
    'panel.bond': certain('250.24(B)'),
    'table.motor-device': certain('Table 430.52'),
    'table.burial': certain('Table 300.5'),
    'ident.ground': certain('250.119(A)'),
    'service.ev': doubtful('625.42'),
    'breaker.usual': doubtful('210.3'),
    'route.expansion': certain('352.44'),
    'route.seal-outside': certain('300.7(A)'),
    'table.conductor-volume': doubtful('Table 314.16(B)'),
    'gfci.appliance': doubtful('422.5(A)'),
    'service.lighting': certain('220.42'),
    'service.group': certain('625.42'),
    'service.management': doubtful('625.42'),
    'service.conductors': doubtful('310.15(B)(7)'),
    'table.rooftop': certain('310.15(B)(3)(c)'),
    'table.dwelling-service': doubtful('310.15(B)(7)'),
  },
  parameters: {
    serviceTriggers: known<readonly ServiceTrigger[]>(['electrode', 'meter', 'utility'], 'service.rating'),
    furtherFeeder: believed<boolean>(false, 'building.supply'),
    bareNeutralFromSubpanel: known<boolean>(false, 'existing.three-wire'),
    smallestOcpd: known<number>(15, 'breaker.standard'),
    evSettingCounts: believed<boolean>(false, 'load.ev-setting'),
    evReceptacleGfciAll: known<boolean>(false, 'gfci.ev-receptacle'),
    hardwiredGfciPlaces: known<readonly Location[]>([], 'gfci.outdoor'),
    hvacExemptUntil: known<string>('none', 'gfci.outdoor'),
    roomGfciTwoPole: known<boolean>(false, 'gfci.place'),
    roomGfciMaxA: known<number>(20, 'gfci.place'),
    poolZoneMaxA: known<number>(20, 'gfci.pool-zone'),
    poolZoneTwoPole: known<boolean>(false, 'gfci.pool-zone'),
    extraGroundShare: known<number>(0, 'table.conductor-volume'),
    evFloorVA: known<number>(0, 'service.ev'),
    gfciFinishedBasement: known<boolean>(false, 'gfci.place'),
    gfciWholeKitchen: known<boolean>(false, 'gfci.place'),
    gfciIndoorDamp: known<boolean>(false, 'gfci.place'),
    gfciAppliances: known<GroundFaultAppliances>(
      ['vacuum', 'water-cooler', 'pressure-washer', 'tire-inflator', 'vending', 'dishwasher'],
      'gfci.appliance',
    ),
  },
  tables: { standardOcpd: without10A },
} as const satisfies EditionDifference;
