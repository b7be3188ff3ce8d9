import { isItemError, type ItemOutcome } from '../src/core/worksheet/answer';
import { answerWorksheet } from '../src/core/worksheet/answerWorksheet';
import { worksheetOfCsv } from '../src/core/schedule/scheduleWorksheet';
import { printNumber } from '../src/core/units/number';
import { readText } from './readText';

const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
};

const shown = (value: unknown): string => {
  if (value === null || value === undefined) return 'none';
  if (typeof value === 'number') return printNumber(value);
  if (typeof value === 'object') return JSON.stringify(value);
  if (typeof value === 'string') return value;
  return JSON.stringify(value).replaceAll('"', '');
};

const printed = (outcome: ItemOutcome): string => {
  if (isItemError(outcome))
    return `${outcome.id}: NOT VALID at ${outcome.error.path}: ${outcome.error.message}`;
  const figures = Object.entries(outcome.result)
    .filter(([name]) => name !== 'alternatives' && name !== 'segments')
    .map(([name, value]) => `  ${name.padEnd(14)} ${shown(value)}`);
  const findings = outcome.findings.map(
    ({ standing, text, rule }) => `  ${standing.padEnd(14)} ${text} (${rule})`,
  );
  return [`${outcome.id} (${outcome.kind})`, ...figures, ...findings].join('\n');
};

/** Answers a worksheet. Returns 0 when every item was answered, 2 when something was not valid. */
export function work(file: string, json: boolean): number {
  const text = readText(file);
  if (text === undefined) return 2;
  const sheet = file.toLowerCase().endsWith('.csv') ? worksheetOfCsv(text) : parsed(text);
  if (typeof sheet === 'object' && sheet !== null && 'problem' in sheet) {
    console.error(`pasture: ${file} is not a schedule: ${String(sheet.problem)}`);
    return 2;
  }
  const answer = answerWorksheet(sheet);
  if ('problem' in answer) {
    console.error(`pasture: ${file} is not a worksheet: ${answer.problem.path}: ${answer.problem.message}`);
    return 2;
  }
  console.log(json ? JSON.stringify(answer, null, 2) : answer.items.map(printed).join('\n\n'));
  return answer.items.some(isItemError) ? 2 : 0;
}
