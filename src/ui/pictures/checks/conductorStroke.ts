/** Each conductor with its edge, so that it is seen on any ground. */
export const CONDUCTOR_STROKE: Readonly<Record<string, readonly [edge: string, core: string]>> = {
  L1: ['var(--bk-edge)', 'var(--bk)'],
  L2: ['var(--rd)', 'var(--rd)'],
  N: ['var(--wh-edge)', 'var(--wh)'],
  G: ['var(--gn)', 'var(--gn)'],
};

/** The insulation of each conductor by its letters. */
export const CONDUCTOR_LETTERS: Readonly<Record<string, string>> = { L1: 'BK', L2: 'RD', N: 'WH', G: 'GN' };
