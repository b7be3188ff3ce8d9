import { checkJob } from './checkJob';
import { printDays } from './printDays';
import { listTables } from './listTables';
import { work } from './work';

const USAGE = `Usage:
  pasture work FILE [--json]        answer every item of a worksheet, or of a CSV schedule
  pasture check-job FILE            read a .pasture.json file and list what is open in it
  pasture days FILE [--now TIME] [--json]  put the work of a .pasture.json file into days
  pasture tables [ID]               list the tables of the code, or print one`;

/** What stands behind a flag. */
const valueOf = (all: readonly string[], flag: string): string | undefined => {
  const at = all.indexOf(flag);
  return at < 0 ? undefined : (all[at + 1] ?? '');
};

/** Runs one command. Returns what the shell is told: 0 where all is well, 1 where there are stops, 2 for an error. */
export function run([command, ...rest]: readonly string[]): number {
  const flags = new Set(rest.filter((each) => each.startsWith('--')));
  const [file] = rest.filter((each, at) => !each.startsWith('--') && rest[at - 1] !== '--now');
  if (command === 'work' && file !== undefined) return work(file, flags.has('--json'));
  if (command === 'check-job' && file !== undefined) return checkJob(file);
  if (command === 'days' && file !== undefined)
    return printDays(file, valueOf(rest, '--now'), flags.has('--json'));
  if (command === 'tables') return listTables(file);
  console.error(USAGE);
  return 2;
}
