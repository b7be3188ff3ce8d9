import { createContext } from 'react';
import type { ToVerify } from '../../store/known/verifyTask';

/** What is left to verify in the open job; null until it is known. */
export const ToVerifyContext = createContext<readonly ToVerify[] | null>(null);
