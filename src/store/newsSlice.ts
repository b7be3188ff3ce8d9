import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { RefusalReason } from '../core/job/refusal';
import { jobClosed } from './jobSlice';

/** What the electrician has to hear about the open job besides its saving. */
export interface News {
  /** Why the last edit was not taken; null once one is. */
  readonly refusal: RefusalReason | null;
  /** Work whose result found no place any more, by what it was for. */
  readonly dropped: string | null;
  /** Work apart from the page that came to nothing, by its name; null: none. */
  readonly failed: string | null;
  /** Whether this tab became the writer by itself, because the one that wrote was closed. */
  readonly tookOver: boolean;
}

const QUIET: News = { refusal: null, dropped: null, failed: null, tookOver: false };

/** Whether there is anything to say. */
export const isNews = ({ refusal, dropped: gone, failed, tookOver: took }: News): boolean =>
  refusal !== null || gone !== null || failed !== null || took;

export const refused = createAction<RefusalReason>('news/refused');
export const taken = createAction('news/taken');
export const dropped = createAction<string>('news/dropped');
export const workFailed = createAction<string>('news/workFailed');
export const tookOver = createAction('news/tookOver');
export const newsRead = createAction('news/read');

/** News of the open job. */
export function newsReducer(news: News = QUIET, action: UnknownAction): News {
  if (refused.match(action)) return { ...news, refusal: action.payload };
  if (dropped.match(action)) return { ...news, dropped: action.payload };
  if (workFailed.match(action)) return { ...news, failed: action.payload };
  if (tookOver.match(action)) return { ...news, tookOver: true };
  if (taken.match(action)) return news.refusal === null ? news : { ...news, refusal: null };
  return newsRead.match(action) || jobClosed.match(action) ? QUIET : news;
}
