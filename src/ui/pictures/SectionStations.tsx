import type { Station } from '../../core/route/sectionGeometry';
import type { SectionScale } from './sectionScale';

function PanelBody({ x, y }: { x: number; y: number }) {
  const rows = Array.from({ length: 8 }, (_, row) => row);
  return (
    <g transform={`translate(${x - 13} ${y - 2})`}>
      <rect width="26" height="62" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
      {rows.map((row) => (
        <g key={row} fill={row === 1 ? 'var(--wire)' : 'var(--ink)'}>
          <rect x="4" y={6 + row * 6.6} width="8" height="4" />
          <rect x="14.5" y={6 + row * 6.6} width="8" height="4" fill="var(--ink)" />
        </g>
      ))}
    </g>
  );
}

function BoxBody({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x - 7} ${y - 9})`}>
      <rect width="14" height="18" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
      <path d="M0 0L14 18M14 0L0 18" stroke="var(--ink)" strokeWidth="1" />
    </g>
  );
}

function FittingBody({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <path d="M-6 -8H6V11H-6Z" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.4" />
      <path d="M2 -5V8" stroke="var(--ink)" strokeWidth="1" />
    </g>
  );
}

function PullBoxBody({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x - 8} ${y - 13})`}>
      <rect width="16" height="26" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
      <path d="M3 5H13M3 21H13" stroke="var(--ink)" strokeWidth="1" />
    </g>
  );
}

function CouplingBody({ x, y }: { x: number; y: number }) {
  return (
    <rect
      x={x - 5}
      y={y - 5}
      width="10"
      height="10"
      fill="var(--sheet)"
      stroke="var(--ink)"
      strokeWidth="1.4"
    />
  );
}

function DisconnectBody({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x - 8} ${y - 16})`}>
      <rect width="16" height="32" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
      <path d="M8 4V9M8 27V20L12.5 11" fill="none" stroke="var(--ink)" strokeWidth="1.6" />
    </g>
  );
}

function ApplianceBody({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x - 2} ${y - 20})`}>
      <rect width="26" height="40" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
      <rect x="-3" y="-4" width="32" height="4" fill="var(--ink)" />
      <path d="M4 9H22M4 17H22M4 25H22" stroke="var(--wire)" strokeWidth="1" strokeDasharray="3 2" />
    </g>
  );
}

const BODIES = {
  panel: PanelBody,
  box: BoxBody,
  'pull-box': PullBoxBody,
  body: FittingBody,
  coupling: CouplingBody,
  disconnect: DisconnectBody,
  appliance: ApplianceBody,
};

/** What stands along the run, each at its height. */
export function SectionStations({ stations, scale }: { stations: readonly Station[]; scale: SectionScale }) {
  return (
    <>
      {stations.map(({ letter, kind, xFt, heightFt }) => {
        const Body = BODIES[kind];
        return <Body key={letter} x={scale.x(xFt)} y={scale.y(heightFt)} />;
      })}
    </>
  );
}
