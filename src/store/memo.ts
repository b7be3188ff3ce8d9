import { freshMemo } from '../core/job/jobMemo';

/** What the evaluations of this tab remember of each other. */
export const memo = freshMemo();
