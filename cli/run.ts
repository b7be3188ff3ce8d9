import { parseArgs, type ParseArgsConfig } from 'node:util';
import { checkJob } from './checkJob';
import { printDays } from './printDays';
import { printList } from './printList';
import { printPlate } from './printPlate';
import { listTables } from './listTables';
import { read } from './read';
import { work } from './work';

const USAGE = `Usage:
  pasture work FILE [--json]        answer every item of a worksheet, or of a CSV schedule
  pasture read LINE [--where start|yard|panel|route] [--json]  read a line as somebody types one
  pasture read --lines FILE [--json]  read a file of lines, one answer a line
  pasture check-job FILE [--json]   read a .pasture.json file and list what is open in it and left to verify
  pasture days FILE [--now TIME] [--json]  put the work of a .pasture.json file into days
  pasture list FILE [--json]        list what a .pasture.json file takes, what it is bought as and what for
  pasture plate IMAGE [--family F] [--json]  read a photograph of a nameplate, a breaker or a panel's label
  pasture tables [ID]               list the tables of the code, or print one`;

const OPTIONS = {
  json: { type: 'boolean' },
  now: { type: 'string' },
  where: { type: 'string' },
  lines: { type: 'string' },
  family: { type: 'string' },
} as const satisfies ParseArgsConfig['options'];

/** Options that each command takes. */
const TAKEN: Readonly<Record<string, readonly (keyof typeof OPTIONS)[]>> = {
  work: ['json'],
  read: ['where', 'lines', 'json'],
  'check-job': ['json'],
  days: ['now', 'json'],
  list: ['json'],
  plate: ['family', 'json'],
  tables: ['json'],
};

/** The words of a command and its options; what is wrong with them otherwise. */
function parsed(args: readonly string[]) {
  try {
    return parseArgs({ args: [...args], options: OPTIONS, allowPositionals: true });
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}

/** Runs one command. Returns what the shell is told: 0 where all is well, 1 where there are stops, 2 for an error. */
export function run([command = '', ...rest]: readonly string[]): number | Promise<number> {
  const given = parsed(rest);
  const options = TAKEN[command];
  if (typeof given === 'string' || options === undefined) {
    console.error(typeof given === 'string' && options !== undefined ? `pasture: ${given}` : USAGE);
    return 2;
  }
  const {
    values: { json = false, now, where, lines, family },
    positionals: [file, ...more],
  } = given;
  const strange = Object.keys({ ...given.values }).find((key) => !options.some((each) => each === key));
  if (strange !== undefined || more.length > 0) {
    console.error(
      `pasture: ${command} does not take ${strange === undefined ? more.join(' ') : `--${strange}`}`,
    );
    return 2;
  }
  if (command === 'read') return read(file, { where, lines, asJson: json });
  if (command === 'tables') return listTables(file);
  if (file === undefined) {
    console.error(USAGE);
    return 2;
  }
  if (command === 'work') return work(file, json);
  if (command === 'plate') return printPlate(file, family, json);
  if (command === 'list') return printList(file, json);
  return command === 'days' ? printDays(file, now, json) : checkJob(file, json);
}
