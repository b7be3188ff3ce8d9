import { useRef, type PointerEvent } from 'react';

interface Drag<Start> {
  readonly x: number;
  readonly y: number;
  readonly start: Start;
}

/** What a handle that is dragged listens to. */
export interface DragHandlers {
  readonly onPointerDown: (event: PointerEvent) => void;
  readonly onPointerMove: (event: PointerEvent) => void;
  readonly onPointerUp: () => void;
  readonly onPointerCancel: () => void;
}

/**
 * A handle that is dragged.
 *
 * @param begin What the drag starts from, by the moment at which the pointer went down: one drag is one edit.
 * @param move Called with that start and the pixels from there, right and down.
 * @param done Called when the handle is let go.
 */
export function useDrag<Start>(
  begin: (at: number) => Start,
  move: (start: Start, dxPx: number, dyPx: number) => void,
  done?: () => void,
): DragHandlers {
  const drag = useRef<Drag<Start> | null>(null);
  const end = (): void => {
    drag.current = null;
    done?.();
  };
  return {
    onPointerDown: (event) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      drag.current = { x: event.clientX, y: event.clientY, start: begin(event.timeStamp) };
    },
    onPointerMove: (event) => {
      const { current } = drag;
      if (current !== null) move(current.start, event.clientX - current.x, event.clientY - current.y);
    },
    onPointerUp: end,
    onPointerCancel: end,
  };
}
