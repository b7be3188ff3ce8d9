/** Raceways with a table of inside areas of their own. */
export const RACEWAY_TYPES = ['EMT', 'PVC40', 'PVC80', 'RMC', 'IMC', 'FMC', 'LFMC', 'LFNC', 'ENT'] as const;
