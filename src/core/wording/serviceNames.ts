import type { RatingElement, ServiceMethod } from '../code/serviceMethods';

/** Methods of finding the load of a service. */
export const methodTitle: Readonly<Record<ServiceMethod, string>> = {
  standard: 'Standard',
  optional: 'Optional',
  existing: 'Existing dwelling',
  measured: 'Measured',
};

/** Parts of a service that limit it. */
export const elementName: Readonly<Record<RatingElement, string>> = {
  main: 'main breaker',
  bus: 'bus of the panel',
  meter: 'meter socket',
  conductors: 'service conductors',
};
