import { useEffect, useMemo, type RefObject } from 'react';

/** A pointer that rests so long is taken to have arrived. */
const REST_MS = 120;

/** What is drawn of a water, moved as the pointer goes. */
export interface Glide {
  /** Draws it moved by so many pixels, and moves it for good once the pointer rests. */
  readonly to: (dxPx: number, dyPx: number, settle: () => void) => void;
  /** Moves it for good at once, if that is still to be done. */
  readonly end: () => void;
}

function glideOf(picture: RefObject<HTMLElement | null>, id: string): Glide {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let settle: (() => void) | undefined;
  const draw = (transform: string): void => {
    const own = picture.current?.querySelectorAll(`[data-water="${CSS.escape(id)}"]`) ?? [];
    for (const part of own) part.setAttribute('transform', transform);
  };
  const end = (): void => {
    clearTimeout(timer);
    const due = settle;
    settle = undefined;
    // It is drawn anew where it is now: before the next picture, so that nothing jumps.
    draw('');
    due?.();
  };
  return {
    end,
    to: (dxPx, dyPx, then) => {
      clearTimeout(timer);
      settle = then;
      draw(`translate(${dxPx} ${dyPx})`);
      timer = setTimeout(end, REST_MS);
    },
  };
}

/**
 * A water is drawn where the pointer takes it, with its zones and its ring; the job follows when the pointer rests: all
 * that stands around it is measured anew only then.
 */
export function useGlide(picture: RefObject<HTMLElement | null>, id: string): Glide {
  const glide = useMemo(() => glideOf(picture, id), [picture, id]);
  useEffect(() => glide.end, [glide]);
  return glide;
}
