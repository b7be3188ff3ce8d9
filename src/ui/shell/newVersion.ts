import { useSyncExternalStore } from 'react';

let reload: (() => void) | null = null;
const listeners = new Set<() => void>();

/** Says that a newer build can be had, and how. */
export function announceVersion(how: () => void): void {
  reload = how;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

/** The way to a newer build; null while this one is the newest that is known. */
export const useNewVersion = (): (() => void) | null => useSyncExternalStore(subscribe, () => reload);
