import { useSyncExternalStore } from 'react';

const KEY = 'pasture-who';
const heard = new Set<() => void>();

const kept = (): string | null => {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
};

let who: string | null | undefined;

/** Initials or role of whoever works at this device: "JR", "lead"; undefined until they were given. */
export const whoNow = (): string | undefined => (who ??= kept() ?? '') || undefined;

/** Keeps who works at this device. A browser that keeps nothing knows it as long as the page is open. */
export function sayWho(initials: string): void {
  who = initials.trim();
  try {
    localStorage.setItem(KEY, who);
  } catch {
    // It is asked again on the next visit.
  }
  for (const listener of heard) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  heard.add(listener);
  return () => heard.delete(listener);
};

/** Who works at this device, followed as it changes. */
export const useWho = (): string | undefined => useSyncExternalStore(subscribe, whoNow);
