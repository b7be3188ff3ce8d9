/** Forms that GFCI protection may take. */
export const GROUND_FAULT_FORMS = [
  'breaker',
  'receptacle',
  'dead-front',
  'spa-enclosure',
  'dual-function',
] as const;

/** The form of GFCI protection; none where it is not asked for. */
export type GroundFaultForm = 'none' | (typeof GROUND_FAULT_FORMS)[number];
