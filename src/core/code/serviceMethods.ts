/** Methods by which the load of a service is found. */
export const SERVICE_METHODS = ['standard', 'optional', 'existing', 'measured'] as const;

/** A method of finding the load of a service. */
export type ServiceMethod = (typeof SERVICE_METHODS)[number];

/** A part of a service that limits what it carries. */
export type RatingElement = 'main' | 'bus' | 'meter' | 'conductors';
