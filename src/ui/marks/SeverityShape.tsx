import type { FigureSeverity } from '../../core/findings/severity';
import { severityWord } from '../../core/wording/words';

/** A severity as it is shown; a dash where nothing was looked at. */
export type ShownSeverity = FigureSeverity | 'nothing';

const SHAPES: Readonly<Record<ShownSeverity, React.ReactNode>> = {
  stop: (
    <>
      <rect x=".5" y=".5" width="11" height="11" fill="var(--stop)" />
      <rect x="2.5" y="5" width="7" height="2" fill="var(--on-stop)" />
    </>
  ),
  check: (
    <path d="M6 1.4 11 10.8H1Z" fill="none" stroke="currentColor" strokeWidth="1.4" strokeLinejoin="miter" />
  ),
  ask: (
    <>
      <circle cx="6" cy="6" r="5.2" fill="none" stroke="currentColor" strokeWidth="1.2" />
      <path
        d="M4.2 4.7C4.2 3.5 5 2.9 6 2.9s1.8.6 1.8 1.6C7.8 5.7 6 5.7 6 7.1"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.2"
      />
      <rect x="5.35" y="8.1" width="1.3" height="1.3" fill="currentColor" />
    </>
  ),
  nothing: <path d="M2.5 6H9.5" fill="none" stroke="currentColor" strokeWidth="1.4" />,
  ok: <path d="M1.4 6.6 4.6 9.8 10.8 2" fill="none" stroke="currentColor" strokeWidth="1.6" />,
};

interface SeverityShapeProps {
  readonly severity: ShownSeverity;
  readonly size?: number;
  /** Names the shape where no word stands beside it. */
  readonly named?: boolean;
}

/** The shape of a severity: told apart by form first, color last. */
export function SeverityShape({ severity, size = 12, named = false }: SeverityShapeProps) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 12 12"
      style={{ flex: 'none' }}
      {...(named
        ? { role: 'img', 'aria-label': severity === 'nothing' ? 'Nothing yet' : severityWord[severity] }
        : { 'aria-hidden': true })}
    >
      {SHAPES[severity]}
    </svg>
  );
}
