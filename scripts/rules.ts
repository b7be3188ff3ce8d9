import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { edition, EDITION_YEARS, type EditionYear } from '../src/core/code/edition';
import type { Parameter } from '../src/core/code/parameters';
import { tableLibrary } from '../src/core/code/tableLibrary';
import { catalog } from '../src/core/findings/catalog';
import type { AnyFinding } from '../src/core/findings/finding';
import { evaluateJob } from '../src/core/job/evaluateJob';
import { findingSentence } from '../src/core/wording/findings';
import { jobExamples } from '../tests/core/findings/jobExamples';

const FILE = 'docs/rules.md';
const BEGIN = '<!-- written by npm run rules: begin -->';
const END = '<!-- written by npm run rules: end -->';

/** Every test file by its path, with what it says. */
const tests = readdirSync('tests', { recursive: true, encoding: 'utf8' })
  .filter((path) => /\.(ts|tsx)$/.test(path))
  .toSorted()
  .map((path) => ({ path, text: readFileSync(`tests/${path}`, 'utf8') }));

/** Where every code is raised, mended and taken back by its example: not the test that tells of the rule itself. */
const EVERY_CODE = /jobExamples|foreman/;

const testOf = (code: string): string =>
  tests.find(({ path, text }) => !EVERY_CODE.test(path) && text.includes(`'${code}'`))?.path ??
  'core/findings/catalog.test.ts';

const inCell = (text: string): string => text.replaceAll('|', '\\|');

const section = ({ cite }: Pick<AnyFinding, 'cite'>): string => `${cite.section}${cite.certain ? '' : '?'}`;

/** The finding of a code in its example under an edition; undefined where that edition does not raise it there. */
function findingUnder(code: string, year: EditionYear): AnyFinding | undefined {
  const job = jobExamples.get(code);
  if (job === undefined) throw new Error(`No example raises ${code}.`);
  return evaluateJob({ ...job, edition: year }).findings.find((each) => each.code === code);
}

/** An example as it is raised where it is raised at all. */
function exampleOf(code: string): AnyFinding {
  const job = jobExamples.get(code);
  const found = job && evaluateJob(job).findings.find((each) => each.code === code);
  if (found === undefined) throw new Error(`No example raises ${code}.`);
  return found;
}

const row = (cells: readonly string[]): string => `| ${cells.map(inCell).join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly string[])[]): string =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');

const findings = table(
  ['Code', 'Severity', ...EDITION_YEARS.map(String), 'As it reads in an example', 'Test'],
  Object.entries(catalog).map(([code, { severities }]) => [
    `\`${code}\``,
    severities.join(', '),
    ...EDITION_YEARS.map((year) => {
      const found = findingUnder(code, year);
      return found === undefined ? '-' : section(found);
    }),
    findingSentence(exampleOf(code)),
    testOf(code),
  ]),
);

const printed = (value: unknown): string =>
  Array.isArray(value)
    ? value.length === 0
      ? 'none'
      : value.join(', ')
    : value === true
      ? 'yes'
      : value === false
        ? 'no'
        : String(value);

const figure = (year: EditionYear, name: string): string => {
  const code = edition(year);
  const found = Reflect.get(code.parameters, name) as Parameter<unknown>;
  const { section: at, certain } = code.sections[found.cite];
  const sure = certain && found.certain && code.certainty === 'known';
  return `${printed(found.value)} (${at}${sure ? '' : '?'})`;
};

const parameters = table(
  ['Figure', ...EDITION_YEARS.map(String)],
  Object.keys(edition(EDITION_YEARS[0] ?? 2023).parameters).map((name) => [
    `\`${name}\``,
    ...EDITION_YEARS.map((year) => figure(year, name)),
  ]),
);

const tables = table(
  ['Table', 'Certainty', ...EDITION_YEARS.map(String)],
  tableLibrary.map(({ table: { title, certainty }, cite }) => [
    title,
    certainty,
    ...EDITION_YEARS.map((year) => {
      const { section: at, certain } = edition(year).sections[cite];
      return `${at}${certain ? '' : '?'}`;
    }),
  ]),
);

const text = `${BEGIN}

## Every finding

A section with ? is doubtful. A dash: that edition does not raise it in the example. Every code is also raised by a job,
cleared by each of its fixes and taken back in \`core/findings/catalog.test.ts\`.

${findings}

## Every figure that an edition or a local amendment may set

${parameters}

## Every table

${tables}

${END}`;

const now = readFileSync(FILE, 'utf8');
const from = now.indexOf(BEGIN);
const to = now.indexOf(END);
if (from < 0 || to < 0) throw new Error(`${FILE} has no place for the list: ${BEGIN} and ${END}.`);
const next = now.slice(0, from) + text + now.slice(to + END.length);
if (!process.argv.includes('--check')) writeFileSync(FILE, next);
else if (now !== next) {
  console.error(`${FILE} is not what the code says: run "npm run rules".`);
  process.exitCode = 1;
}
