import { answerLine, type LineAnswer } from '../src/core/typing/line/lineFile';
import { printNumber } from '../src/core/units/number';
import { readText } from './readText';

const WHERE = ['start', 'yard', 'panel', 'route'] as const;
type Where = (typeof WHERE)[number];

const isWhere = (text: string): text is Where => WHERE.some((each) => each === text);

const figure = (value: unknown): string =>
  typeof value === 'number' ? printNumber(value) : typeof value === 'string' ? value : 'none';

/** What was read, in a few lines for the eye. */
function printed({ kind, circuit, assumed, unread, others, answer }: LineAnswer): string {
  if (kind === null) return 'Nothing was understood: name an appliance.';
  const words = unread.map(
    ({ word, suggestion }) => `${word}${suggestion === null ? '' : ` (${suggestion}?)`}`,
  );
  return [
    circuit === null ? kind : `${circuit.family} ${JSON.stringify(circuit.nameplate)}`,
    ...(circuit?.segments ?? []).map(
      ({ method, lengthFt, location }) =>
        `  ${method ?? 'method not said'}, ${lengthFt === null ? 'length not said' : `${lengthFt} ft`}, ${location}`,
    ),
    ...(answer === null
      ? []
      : [
          `  breaker ${figure(answer['ocpdA'])} A, conductor ${figure(answer['size'])}, ground ${figure(answer['egc'])}`,
        ]),
    ...(assumed.length > 0 ? [`  assumed: ${assumed.join(', ')}`] : []),
    ...(words.length > 0 ? [`  not read: ${words.join(', ')}`] : []),
    ...others.map(({ say }) => `  or: ${say}`),
  ].join('\n');
}

interface ReadOptions {
  readonly where: string | undefined;
  /** A file of lines in the place of one line. */
  readonly lines: string | undefined;
  readonly asJson: boolean;
}

/** Reads a line, or a file of lines, as somebody types one. Returns 0 for whatever could be said, 2 for no line. */
export function read(line: string | undefined, { where = 'start', lines, asJson }: ReadOptions): number {
  if (!isWhere(where)) {
    console.error(`pasture: --where takes ${WHERE.join(', ')}`);
    return 2;
  }
  const show = (answer: LineAnswer): void => {
    console.log(asJson ? JSON.stringify(answer) : printed(answer));
  };
  if (lines === undefined) {
    if (line === undefined || line.trim() === '') {
      console.error('pasture: read takes a line, as in: pasture read "ev 48 60 ft emt garage"');
      return 2;
    }
    show(answerLine(line, where));
    return 0;
  }
  const text = readText(lines);
  if (text === undefined) return 2;
  for (const each of text.replace(/\n$/, '').split(/\r?\n/)) show(answerLine(each, where));
  return 0;
}
