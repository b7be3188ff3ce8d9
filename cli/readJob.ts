import { readJobFile } from '../src/core/job/jobFile';
import type { Job } from '../src/core/job/jobSchema';
import { fileProblemWords } from '../src/core/wording/fileProblems';
import { readText } from './readText';

/** The job of a file; undefined where it cannot be read, which is told. */
export function readJob(file: string): Job | undefined {
  const text = readText(file);
  if (text === undefined) return undefined;
  const read = readJobFile(text);
  if (read.ok) return read.job;
  console.error(`pasture: ${fileProblemWords(read.problem, file)}`);
  return undefined;
}
