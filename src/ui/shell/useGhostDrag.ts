import { useState } from 'react';
import { useDrag, type DragHandlers } from './useDrag';

/** Shorter drags are clicks. */
const LEAST_PX = 4;

/**
 * Something that is dragged as a ghost of itself and laid down once.
 *
 * @param onDrop Called when it is let go, with the pixels from where it was taken, right and down.
 */
export function useGhostDrag(onDrop: (dxPx: number, dyPx: number) => void): {
  readonly drag: DragHandlers;
  /** How far it is from where it was taken; null while it lies there. */
  readonly moved: readonly [dxPx: number, dyPx: number] | null;
} {
  const [moved, setMoved] = useState<readonly [number, number] | null>(null);
  const drag = useDrag(
    () => null,
    (_start, dx, dy) => {
      setMoved([dx, dy]);
    },
    () => {
      setMoved(null);
      if (moved !== null && Math.hypot(...moved) > LEAST_PX) onDrop(...moved);
    },
  );
  return { drag, moved };
}
