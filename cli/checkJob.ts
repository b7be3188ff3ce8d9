import { contextsInJob } from '../src/core/circuit/contextsInJob';
import { solveCircuit } from '../src/core/circuit/solveCircuit';
import { openFindings } from '../src/core/circuit/severities';
import { jobContext } from '../src/core/job/jobContext';
import { readJobFile } from '../src/core/job/jobFile';
import { fileProblemWords } from '../src/core/wording/fileProblems';
import { findingSentence } from '../src/core/wording/findings';
import { circuitLine } from '../src/core/wording/ladder';
import { severityWord } from '../src/core/wording/words';
import { readText } from './readText';

/** Lists the circuits of a job with what is open in each. Returns 0, 1 when there are stops, 2 for a bad file. */
export function checkJob(file: string): number {
  const text = readText(file);
  if (text === undefined) return 2;
  const read = readJobFile(text);
  if (!read.ok) {
    console.error(`pasture: ${fileProblemWords(read.problem, file)}`);
    return 2;
  }
  const { job } = read;
  const base = jobContext(job);
  const contexts = contextsInJob(job.circuits, base, {
    solve: solveCircuit,
    withNeighbors: (under, neighbors) => ({ ...under, neighbors }),
  });
  let stops = 0;
  for (const circuit of job.circuits) {
    const context = contexts.get(circuit.id) ?? base;
    const solved = solveCircuit(circuit, context);
    console.log(`${circuit.name}: ${circuitLine(solved, circuit)}`);
    for (const finding of openFindings(circuit, solved.findings)) {
      if (finding.severity === 'stop') stops += 1;
      console.log(
        `  ${severityWord[finding.severity]}: ${findingSentence(finding)} (${finding.cite.section})`,
      );
    }
  }
  return stops > 0 ? 1 : 0;
}
