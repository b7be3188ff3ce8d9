import { describe, expect, test } from 'vitest';
import { readCsv, writeCsv } from '../../../src/core/files/csvTable';

const rows = (text: string) => {
  const table = readCsv(text);
  if ('problem' in table) throw new Error(table.problem);
  return table.rows.map(({ cells }) => cells);
};

describe('a CSV file is read', () => {
  test.each([
    ['commas', 'name,amps\nKiln,48'],
    ['semicolons', 'name;amps\nKiln;48'],
    ['tabs', 'name\tamps\nKiln\t48'],
    ['quotes, blanks, a mark before it, an empty line', '\uFEFF name , amps \n\n"Kiln", 48 \n'],
  ])('with %s', (_, text) => {
    expect(rows(text)).toEqual([{ name: 'Kiln', amps: '48' }]);
  });

  test('its rows bear the lines that they stand in, and whether they are too long', () => {
    const table = readCsv('name,amps\nKiln,48\nPump,12,more');
    expect(table).toMatchObject({
      headers: ['name', 'amps'],
      rows: [
        { line: 2, tooLong: false },
        { line: 3, tooLong: true },
      ],
    });
  });

  test('nothing under a header, too many rows, too long a file: each says so', () => {
    expect(readCsv('name,amps')).toEqual({ problem: 'The file has no rows under its header.' });
    const many = ['name', ...Array.from({ length: 5001 }, () => 'x')].join('\n');
    expect(readCsv(many)).toEqual({ problem: 'The file has 5001 rows; 5000 is the most.' });
    expect(readCsv(many.slice(0, -2))).not.toHaveProperty('problem');
    expect(readCsv('x'.repeat(5_000_001))).toHaveProperty('problem');
  });
});

describe('a CSV file is written', () => {
  test.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '\r=1'])('%j is never a formula', (text) => {
    const [, line] = writeCsv([{ name: text }]).split(/\r\n/);
    expect(line).not.toMatch(/^"?[=+\-@\t\r]/);
  });

  test('under the headers of every row, in the order in which they first stand', () => {
    expect(writeCsv([{ a: 1 }, { b: 'x, y', a: true }]).split('\r\n')).toEqual(['a,b', '1,', 'true,"x, y"']);
  });

  test('and read again it is what was written', () => {
    const written = [
      { name: 'Kiln, studio', note: 'says "hot"' },
      { name: 'Pump', note: '' },
      { name: '=not a formula', note: '-12' },
      { name: "'quoted'", note: '+1' },
    ];
    expect(rows(writeCsv(written))).toEqual(written);
  });
});
