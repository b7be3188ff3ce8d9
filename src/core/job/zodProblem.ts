import type { z } from 'zod';

/** What is wrong with one field of a document, and where. */
export interface FieldProblem {
  /** Path as it is written in the file: "circuits[2].run[0].lengthFt". */
  readonly path: string;
  readonly message: string;
}

const joined = (path: readonly PropertyKey[]): string =>
  path.reduce<string>((acc, part) => {
    if (typeof part === 'number') return `${acc}[${part}]`;
    return acc === '' ? String(part) : `${acc}.${String(part)}`;
  }, '');

/** The issue that tells most: inside a union that names its branch, the first one of the branch. */
const deepest = (issue: z.core.$ZodIssue, before: readonly PropertyKey[]): FieldProblem => {
  const path = [...before, ...issue.path];
  if (issue.code === 'unrecognized_keys') {
    const key = issue.keys[0] ?? '';
    return { path: joined([...path, key]), message: 'This field is not known here.' };
  }
  if (issue.code === 'invalid_union') {
    const branch = issue.errors.find((errors) => errors.length > 0)?.[0];
    if (branch !== undefined && branch.path.length > 0) return deepest(branch, path);
  }
  return { path: joined(path), message: issue.message };
};

/** The first thing wrong with a document, by its path and in words. `prefix` is where the document stands. */
export const firstProblem = (error: z.ZodError, prefix: readonly PropertyKey[] = []): FieldProblem => {
  const issue = error.issues[0];
  return issue === undefined ? { path: joined(prefix), message: 'Not valid.' } : deepest(issue, prefix);
};
