import { createContext } from 'react';
import type { Unverified } from '../../core/known/toVerify';

/** What is left to verify in the open job; null until it is known. */
export const ToVerifyContext = createContext<readonly Unverified[] | null>(null);
