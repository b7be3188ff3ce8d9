import type { MethodId } from '../../core/code/methods';

interface Pattern {
  /** Width of the casing, and of the sheet inside an open one. */
  readonly casing: number;
  readonly open?: number;
  readonly dash?: string;
  /** Solid thin walls outside a dashed one. */
  readonly jacket?: number;
  readonly cores: 1 | 2;
}

/** Every method has a pattern of its own, so that none is told by color. */
const PATTERNS: Readonly<Record<MethodId, Pattern>> = {
  'nm-b': { casing: 6.5, cores: 1 },
  'uf-b': { casing: 6.5, dash: '14 2.5', cores: 1 },
  mc: { casing: 7, dash: '4 1.8', cores: 1 },
  ser: { casing: 9, cores: 2 },
  pvc40: { casing: 8, open: 5.4, cores: 1 },
  pvc80: { casing: 9.4, open: 5, cores: 1 },
  emt: { casing: 8, open: 5.4, cores: 1 },
  rmc: { casing: 9.4, open: 5, cores: 1 },
  imc: { casing: 9.4, open: 5, cores: 1 },
  fmc: { casing: 8, open: 4.6, dash: '2 1.6', cores: 1 },
  lfmc: { casing: 8, open: 4.6, dash: '2 1.6', jacket: 10, cores: 1 },
  lfnc: { casing: 8, open: 5.4, dash: '9 2.5', cores: 1 },
  ent: { casing: 8, open: 5.4, dash: '9 2.5', cores: 1 },
};

interface MethodLineProps {
  readonly method: MethodId;
  /** The line as SVG path data. */
  readonly d: string;
  readonly stopped: boolean;
  readonly highlighted: boolean;
}

/** A segment drawn in the pattern of its method: a casing around an unbroken copper core. */
export function MethodLine({ method, d, stopped, highlighted }: MethodLineProps) {
  const { casing, open, dash, jacket, cores } = PATTERNS[method];
  const ink = stopped ? 'var(--stop)' : 'var(--ink)';
  return (
    <g fill="none" strokeLinejoin="round">
      {highlighted && (
        <path d={d} stroke="var(--copper-wash)" strokeWidth={casing + 14} strokeLinecap="square" />
      )}
      {jacket !== undefined && <path d={d} stroke={ink} strokeWidth={jacket} />}
      {jacket !== undefined && <path d={d} stroke="var(--sheet)" strokeWidth={jacket - 1.6} />}
      <path d={d} stroke={ink} strokeWidth={casing} strokeDasharray={dash} />
      {open !== undefined && <path d={d} stroke="var(--sheet)" strokeWidth={open} />}
      <path
        d={d}
        stroke={open === undefined ? 'var(--copper-wash)' : 'var(--wire)'}
        strokeWidth={cores === 2 ? 4 : 2}
      />
      {cores === 2 && <path d={d} stroke={ink} strokeWidth={1.4} />}
    </g>
  );
}
