import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { fullHouse } from '../../support/fullHouse/job';
import { JOB_VERSION } from '../../../src/core/job/jobVersion';
import { readJobFile, writeJobFile } from '../../../src/core/job/jobFile';
import { parseHeight } from '../../../src/core/units/height';
import { parseLength } from '../../../src/core/units/length';
import { isRefused } from '../../../src/core/units/refused';
import { parseTemperature } from '../../../src/core/units/temperature';
import { parseTradeSize } from '../../../src/core/units/tradeSize';
import { parseWireSize } from '../../../src/core/units/wireSize';
import { answerWorksheet } from '../../../src/core/worksheet/answerWorksheet';
import { fileProblemWords } from '../../../src/core/wording/fileProblems';
import { runs } from '../../support/luck';

describe('text from anywhere', () => {
  test.each([
    ['lengths', parseLength],
    ['heights', parseHeight],
    ['temperatures', parseTemperature],
    ['sizes', parseWireSize],
    ['trade sizes', parseTradeSize],
  ] as const)('%s are understood or refused with what was typed, never thrown on', (_name, parse) => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 40 }), (text) => {
        const parsed = parse(text);
        if (isRefused(parsed)) expect(parsed.got).toBe(text);
        else if (typeof parsed === 'number') expect(Number.isFinite(parsed)).toBe(true);
      }),
    );
  });
});

describe('files from anywhere', () => {
  test('any JSON is a job, or a problem with words', () => {
    fc.assert(
      fc.property(fc.json(), (text) => {
        const read = readJobFile(text);
        if (!read.ok) expect(fileProblemWords(read.problem, 'x.json')).toContain('Nothing was changed');
      }),
    );
  });

  test('a job with any one value replaced is read or refused with a path, never half read', () => {
    const text = writeJobFile(fullHouse);
    const values = [...text.matchAll(/": ("[^"]*"|-?\d+(\.\d+)?|true|false|null)/g)];
    const value = fc.oneof(
      fc.constant('null'),
      fc.constant('-1'),
      fc.constant('1e308'),
      fc.constant('"<script>"'),
      fc.constant('[]'),
      fc.constant('{}'),
    );
    fc.assert(
      fc.property(fc.nat(values.length - 1), value, (at, replacement) => {
        const match = values[at];
        const from = (match?.index ?? 0) + 3;
        const changed = text.slice(0, from) + replacement + text.slice(from + (match?.[1]?.length ?? 0));
        const read = readJobFile(changed);
        if (read.ok)
          expect(readJobFile(writeJobFile(read.job))).toEqual({
            ...read,
            fromVersion: JOB_VERSION,
            renamed: 0,
          });
        else expect(['foreign', 'invalid', 'no-way-forward', 'later-version']).toContain(read.problem.kind);
      }),
      runs(120),
    );
  });

  test('a file cut anywhere is refused as damaged', () => {
    const text = writeJobFile(fullHouse);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: text.length - 3 }), (length) => {
        expect(readJobFile(text.slice(0, length))).toMatchObject({
          ok: false,
          problem: { kind: 'not-json' },
        });
      }),
    );
  });

  test('any items of a worksheet are answered or refused one by one', () => {
    const item = fc.record(
      {
        id: fc.string({ minLength: 1 }),
        kind: fc.constantFrom('circuit', 'fill', 'drop', 'ampacity', 'fill-count', 'odd'),
        extra: fc.jsonValue(),
      },
      { requiredKeys: ['kind'] },
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(item, fc.jsonValue()), { maxLength: 4 }), (items) => {
        const answer = answerWorksheet({ worksheet: 1, items });
        expect('items' in answer && answer.items).toHaveLength(items.length);
      }),
    );
  });
});
