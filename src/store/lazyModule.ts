import { useSyncExternalStore } from 'react';

/** A part of the program that is fetched after what is seen first. */
export interface LazyModule<T> {
  /** The part once it was fetched, which this asks for; undefined until then. */
  readonly use: () => T | undefined;
  /** The part if it was fetched already. */
  readonly now: () => T | undefined;
  readonly load: () => Promise<T>;
}

/** A part of the program that is fetched when it is first asked for, and is there at once from then on. */
export function lazyModule<T>(fetchIt: () => Promise<T>): LazyModule<T> {
  let known: T | undefined;
  let coming: Promise<T> | undefined;
  const listeners = new Set<() => void>();
  const now = (): T | undefined => known;
  const load = (): Promise<T> => {
    coming ??= fetchIt().then((module) => {
      known = module;
      for (const listener of listeners) listener();
      return module;
    });
    return coming;
  };
  const subscribe = (listener: () => void): (() => void) => {
    listeners.add(listener);
    // What cannot be fetched is announced by the page itself; the part stays undefined.
    load().catch(() => {
      coming = undefined;
    });
    return () => {
      listeners.delete(listener);
    };
  };
  return { use: () => useSyncExternalStore(subscribe, now), now, load };
}
