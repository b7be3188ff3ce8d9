import type { ReactNode } from 'react';
import { appliancePlace, disconnectBox } from './sectionBodies';
import type { DrawnSection } from './sectionDrawing';
import { SilhouettePicture } from './silhouettes/SilhouettePicture';
import { silhouettes } from './silhouettes/silhouettes';

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
      <path d="M-4 -9H5V9H-4Z" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.4" />
      <path d="M-6.5 -9.5V9.5" stroke="var(--copper)" strokeWidth="2.4" />
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

interface HoodedProps {
  readonly x: number;
  readonly y: number;
  readonly children: ReactNode;
}

/** A box under a hood, as it stands outdoors. */
const Hooded = ({ x, y, children }: HoodedProps) => (
  <g transform={`translate(${x - 8} ${y - 15})`}>
    <rect width="16" height="30" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
    <rect x="-2" y="-3" width="20" height="4" fill="var(--ink)" />
    {children}
  </g>
);

/** A switch or pull-out in its box. */
const DisconnectBody = (at: { x: number; y: number }) => (
  <Hooded {...at}>
    <rect x="4" y="6" width="8" height="17" fill="var(--ink)" />
    <rect x="6" y="12" width="4" height="5" fill="var(--sheet)" />
  </Hooded>
);

/** A spa panel: hood, window with its breaker, test line. */
const SpaPanelBody = (at: { x: number; y: number }) => (
  <Hooded {...at}>
    <rect x="4" y="6" width="8" height="12" fill="none" stroke="var(--ink)" strokeWidth="1" />
    <rect x="6.5" y="8" width="3" height="4" fill="var(--ink)" />
    <path d="M4 24H12" stroke="var(--wire)" strokeWidth="1.4" />
  </Hooded>
);

/** A receptacle in its box, at the end of the wire. */
function ReceptacleBody({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x - 6} ${y - 8})`}>
      <rect width="12" height="16" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.6" />
      <path d="M4 5V8M8 5V8M6 10.5V12.5" stroke="var(--ink)" strokeWidth="1.3" />
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
};

/** The disconnect that the run does not name, on its post above the wire. */
function Apart(drawn: DrawnSection) {
  const { disconnect, scale } = drawn;
  const box = disconnectBox(drawn);
  if (disconnect === null || box === null) return null;
  const Body = disconnect.kind === 'spa-panel' ? SpaPanelBody : DisconnectBody;
  const x = (box.left + box.right) / 2;
  const foot = Math.max(scale.y(disconnect.wireFt), scale.y(0));
  return (
    <g>
      <path d={`M${x} ${box.bottom}V${foot}`} stroke="var(--ink)" strokeWidth="2.4" />
      <Body x={x} y={(box.top + box.bottom) / 2} />
    </g>
  );
}

/** What stands along the run, each at its height, and the appliance at its end. */
export function SectionStations(drawn: DrawnSection) {
  const { geometry, family, plugged, spaPanel, scale } = drawn;
  const end = geometry.stations.at(-1);
  return (
    <>
      <SilhouettePicture silhouette={silhouettes[family]} place={appliancePlace(drawn)} />
      {plugged && end !== undefined && <ReceptacleBody x={scale.x(end.xFt)} y={scale.y(end.heightFt)} />}
      <Apart {...drawn} />
      {geometry.stations.map(({ letter, kind, xFt, heightFt }) => {
        if (kind === 'appliance') return null;
        const Body = kind === 'disconnect' && spaPanel ? SpaPanelBody : BODIES[kind];
        return <Body key={letter} x={scale.x(xFt)} y={scale.y(heightFt)} />;
      })}
    </>
  );
}
