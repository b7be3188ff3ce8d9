import type { ServiceMethod, RatingElement } from '../code/serviceMethods';
import { about } from './catalogEntry';

/** Findings about the service and its demand record. */
export const serviceCatalog = {
  'house.built': about<object>().surveyed('ask'),
  'house.old-materials': about<{ builtYear: number; lead: boolean }>().may('check'),
  'house.aluminum': about<{ builtYear: number | null }>().surveyed('check', 'ask'),
  'service.unknown': about<{ what: 'rating' | 'area' }>().may('ask'),
  'service.overload': about<{
    amps: number;
    limitA: number;
    element: RatingElement;
    method: ServiceMethod;
  }>().may('stop'),
  'service.tight': about<{ spareA: number; limitA: number }>().may('check'),
  'service.least': about<{ ratingA: number; minA: number }>().may('ask'),
  'service.sharing': about<{ what: string }>().may('ask'),
  'service.charger-group': about<{ name: string; limitA: number }>().surveyed('ask'),
  'service.group-unlisted': about<{ name: string; limitA: number }>().may('check'),
  'service.managed': about<{ setpointA: number }>().may('ask'),
  'demand.too-short': about<{ days: number; minDays: number }>().may('stop'),
  'demand.hourly': about<{ minutes: number }>().may('ask'),
  'demand.season': about<{ from: string; to: string }>().may('ask'),
  'demand.gaps': about<{ missingPct: number }>().may('check'),
  'demand.export': about<{ rows: number }>().may('stop'),
  'demand.unit': about<{ peakA: number }>().may('ask'),
};
