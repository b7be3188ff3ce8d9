import type { NoRecord } from '../demand/intervals';
import type { DemandAnalysis } from '../demand/analyseDemand';
import { printNumber as n } from '../units/number';
import { counted } from './words';

/** Why a file is no demand record, and what is accepted. */
export function noRecordWords({ problem, detail }: NoRecord): string {
  switch (problem) {
    case 'too-large':
      return `The file has ${detail}: 40 MB is the most, several years of quarter hours.`;
    case 'no-rows':
      return 'There are no readings under the header.';
    case 'no-time':
      return `No column of times was found among ${detail}: call it start, time, or date and time.`;
    case 'no-value':
      return `No column of readings was found among ${detail}: name its unit, kWh, Wh, kW, W or A.`;
    case 'not-xml':
      return `The file is neither CSV nor whole XML: ${detail}`;
    case 'hostile':
      return 'The XML has a document type, nesting or text that no record of usage has. It was not read.';
    case 'truncated':
      return `The XML ends or breaks off before its end: ask for the file again. ${detail}`;
    case 'no-readings':
      return 'Not one reading could be read.';
    case 'unit':
      return `The readings have the unit of measure ${detail}: watt-hours (72), watts (38) or amperes (5) are read.`;
  }
}

/** What was put right in a record, in sentences. */
export function putRightWords({
  disorder,
  duplicates,
  clockHours,
  missing,
  raised,
  exported,
}: DemandAnalysis): readonly string[] {
  return [
    disorder > 0 ? 'The readings were out of order; they were sorted.' : '',
    duplicates > 0 ? `${counted(duplicates, 'reading')} stood there twice; the larger was kept.` : '',
    clockHours > 0 ? `Clocks changed within it: ${counted(clockHours, 'hour')} put right.` : '',
    missing > 0 ? `${counted(missing, 'reading')} missing.` : '',
    raised > 1 ? `Intervals longer than 15 minutes: raised by ${n(raised)}.` : '',
    exported > 0 ? `${counted(exported, 'reading')} flowed back to the utility.` : '',
  ].filter((each) => each !== '');
}
