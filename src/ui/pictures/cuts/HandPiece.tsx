import type { ReactNode } from 'react';
import { useGhostDrag } from '../../shell/useGhostDrag';

interface HandPieceProps {
  readonly label: string;
  readonly children: ReactNode;
  /** Let go so many pixels from where it was taken. */
  readonly onDrop: (dxPx: number, dyPx: number) => void;
  /** To the bar before or after. */
  readonly onStep: (by: -1 | 1) => void;
}

/** A piece that is dragged to another bar, or stepped there with Alt and the arrows. */
export function HandPiece({ label, children, onDrop, onStep }: HandPieceProps) {
  const { drag, moved } = useGhostDrag(onDrop);
  return (
    <g
      {...drag}
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
      transform={moved === null ? undefined : `translate(${moved[0]} ${moved[1]})`}
      style={{ cursor: moved === null ? 'grab' : 'grabbing', touchAction: 'none' }}
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        event.preventDefault();
        onStep(event.key === 'ArrowUp' ? -1 : 1);
      }}
    >
      {children}
    </g>
  );
}
