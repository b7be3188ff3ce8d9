import type { FileProblem } from '../job/jobFile';
import { fieldProblemWords } from './fieldProblems';

/** Why a file was not opened, and what to do, in plain words. */
export function fileProblemWords(problem: FileProblem, fileName: string): string {
  switch (problem.kind) {
    case 'too-large':
      return `${fileName} is ${Math.round(problem.bytes / 1e6)} MB, far more than a job. Nothing was changed.`;
    case 'not-json':
      return `${fileName} is damaged or cut short: it is not readable as JSON. Nothing was changed. Try another copy of the file.`;
    case 'foreign':
      return `${fileName} is not a Pasture job. Choose a file that ends in .pasture.json. Nothing was changed.`;
    case 'later-version':
      return `${fileName} was saved by a later Pasture (version ${problem.version} of the file). Update Pasture, then open it again. Nothing was changed.`;
    case 'no-way-forward':
      return `${fileName} is of version ${problem.version}, which this Pasture cannot carry forward. Nothing was changed.`;
    case 'invalid':
      return `${fileName} is not a valid job. ${fieldProblemWords(problem)} It stands at ${problem.path === '' ? 'the top' : problem.path}. Nothing was changed.`;
  }
}
