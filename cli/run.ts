import { checkJob } from './checkJob';
import { listTables } from './listTables';
import { work } from './work';

const USAGE = `Usage:
  pasture work FILE [--json]        answer every item of a worksheet, or of a CSV schedule
  pasture check-job FILE            read a .pasture.json file and list what is open in it
  pasture tables [ID]               list the tables of the code, or print one`;

/** Runs one command. Returns what the shell is told: 0 where all is well, 1 where there are stops, 2 for an error. */
export function run([command, ...rest]: readonly string[]): number {
  const flags = new Set(rest.filter((each) => each.startsWith('--')));
  const [file] = rest.filter((each) => !each.startsWith('--'));
  if (command === 'work' && file !== undefined) return work(file, flags.has('--json'));
  if (command === 'check-job' && file !== undefined) return checkJob(file);
  if (command === 'tables') return listTables(file);
  console.error(USAGE);
  return 2;
}
