import fc from 'fast-check';

/** What random properties draw from: the same on every machine, unless `npm run deep` sets another. */
const SEED = Number(process.env['PASTURE_SEED'] ?? 20_260_302);
/** How many times as many cases as usual; `npm run deep` sets more. */
const TIMES = Number(process.env['PASTURE_TIMES'] ?? 1);

/** How many cases a property runs: as many as are said, times what a deep run asks for. */
export const runs = (count: number): { readonly numRuns: number } => ({ numRuns: Math.ceil(count * TIMES) });

/** What a set of samples is drawn by. */
export const samples = (count: number): { readonly numRuns: number; readonly seed: number } => ({
  ...runs(count),
  seed: SEED,
});

/** Sets what every property draws from. */
export const setLuck = (): void => {
  fc.configureGlobal({ seed: SEED, ...runs(100) });
};
