import { printDay } from '../units/day';
import type { Source } from '../sources/sourceSchema';

/** What a length or a reading was taken with. */
const WITH = { tape: 'tape', wheel: 'wheel', pace: 'paces', meter: 'meter' } as const;

/** Who and when, as far as it was kept. */
function by({ who, on }: { readonly who?: string | undefined; readonly on?: string | undefined }): string {
  return [who, on === undefined ? 'before sources were kept' : printDay(on)]
    .filter((each) => each !== undefined)
    .join(', ');
}

/** Where a value comes from, in words: "measured with a wheel, lead, Feb 20, 2026". */
export function sourceWords(source: Source): string {
  switch (source.kind) {
    case 'assumed':
      return 'assumed';
    case 'told':
      return `${source.file === undefined ? 'told' : `told by the ${source.file}`}, ${by(source)}`;
    case 'read':
      return `read from a photograph, ${by(source)}`;
    case 'measured':
      return `measured, ${WITH[source.with]}, ${by(source)}`;
    case 'seen':
      return `seen, ${by(source)}`;
  }
}
