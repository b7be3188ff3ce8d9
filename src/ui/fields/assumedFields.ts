import { createContext } from 'react';

/** Keys of the fields around here whose value nobody gave: it is marked as assumed until somebody types it or says so. */
export const AssumedFields = createContext<ReadonlySet<string>>(new Set());
