import type { z } from 'zod';

/** What a field accepts, where a schema says it in figures or names. */
export type Accepts =
  | { readonly kind: 'at-most' | 'at-least' | 'more-than'; readonly figure: number; readonly of: string }
  | { readonly kind: 'one-of'; readonly values: readonly string[] }
  | { readonly kind: 'type'; readonly of: string }
  | { readonly kind: 'date' }
  | { readonly kind: 'known-field' }
  /** A rule of its own, in its own words. */
  | { readonly kind: 'own'; readonly says: string }
  | { readonly kind: 'form' };

/** What is wrong with one field of a document, and where. */
export interface FieldProblem {
  /** Path as it is written in the file: "circuits[2].run[0].lengthFt". */
  readonly path: string;
  readonly message: string;
  readonly accepts?: Accepts;
}

const joined = (path: readonly PropertyKey[]): string =>
  path.reduce<string>((acc, part) => {
    if (typeof part === 'number') return `${acc}[${part}]`;
    return acc === '' ? String(part) : `${acc}.${String(part)}`;
  }, '');

const acceptsOf = (issue: z.core.$ZodIssue): Accepts => {
  switch (issue.code) {
    case 'too_big':
      return { kind: 'at-most', figure: Number(issue.maximum), of: issue.origin };
    case 'too_small':
      return {
        kind: issue.inclusive === false ? 'more-than' : 'at-least',
        figure: Number(issue.minimum),
        of: issue.origin,
      };
    case 'invalid_type':
      return { kind: 'type', of: issue.expected };
    case 'invalid_value':
      return { kind: 'one-of', values: issue.values.map(String) };
    case 'invalid_format':
      return issue.format === 'date' ? { kind: 'date' } : { kind: 'form' };
    case 'unrecognized_keys':
      return { kind: 'known-field' };
    case 'custom':
      return { kind: 'own', says: issue.message };
    default:
      return { kind: 'form' };
  }
};

const TYPE_WORDS: Readonly<Record<string, string>> = {
  number: 'a number',
  int: 'a whole number',
  string: 'a text',
  boolean: 'true or false',
  array: 'a list',
  tuple: 'a list',
  object: 'an object',
};

/** Amounts of what a limit counts: characters of a text, entries of a list. */
const COUNTED: Readonly<Record<string, string>> = { string: ' characters', array: ' entries' };

/** What a field accepts, in a sentence; the schema's own words say it to nobody. */
function acceptsWords(accepts: Accepts): string | undefined {
  switch (accepts.kind) {
    case 'at-most':
      return `At most ${accepts.figure}${COUNTED[accepts.of] ?? ''}.`;
    case 'at-least':
      return `At least ${accepts.figure}${COUNTED[accepts.of] ?? ''}.`;
    case 'more-than':
      return `More than ${accepts.figure}${COUNTED[accepts.of] ?? ''}.`;
    case 'one-of':
      return `One of ${accepts.values.join(', ')}.`;
    case 'type':
      return `This field is ${TYPE_WORDS[accepts.of] ?? 'of another kind'}.`;
    case 'date':
      return 'A date as 2026-09-01.';
    case 'own':
      return accepts.says;
    case 'known-field':
    case 'form':
      return undefined;
  }
}

const messageOf = (accepts: Accepts): string => acceptsWords(accepts) ?? 'Not in a form that is read here.';

/** The issue that tells most: inside a union that names its branch, the first one of the branch. */
const deepest = (issue: z.core.$ZodIssue, before: readonly PropertyKey[]): FieldProblem => {
  const path = [...before, ...issue.path];
  const accepts = acceptsOf(issue);
  if (issue.code === 'unrecognized_keys') {
    const key = issue.keys[0] ?? '';
    return { path: joined([...path, key]), message: 'This field is not known here.', accepts };
  }
  if (issue.code === 'invalid_union') {
    // A rule of its own was only asked where the rest of its branch fits: that branch is the one that was meant.
    const meant = issue.errors.find(([first]) => first?.code === 'custom');
    const branch = (meant ?? issue.errors.find((errors) => errors.length > 0))?.[0];
    if (branch !== undefined && branch.path.length > 0) return deepest(branch, path);
  }
  return { path: joined(path), message: messageOf(accepts), accepts };
};

/** The first thing wrong with a document, by its path and in words. `prefix` is where the document stands. */
export const firstProblem = (error: z.ZodError, prefix: readonly PropertyKey[] = []): FieldProblem => {
  const issue = error.issues[0];
  return issue === undefined ? { path: joined(prefix), message: 'Not valid.' } : deepest(issue, prefix);
};
