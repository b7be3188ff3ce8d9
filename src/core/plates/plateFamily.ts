import type { FamilyId } from '../appliances/registry';
import type { TextLine } from './textLines';

/** Words of a plate that name the kind of machine, the particular before the general. */
const NAMED: readonly (readonly [family: FamilyId | null, printed: RegExp])[] = [
  [null, /\bLOAD ?CENTER\b|\bPANEL ?BOARD\b/],
  [null, /\b[12]-?\s?POLE ?\d{2,3} ?A|\bHACR\b/],
  ['pool-heater', /\b(POOL|SPA)( \w+)? HEATER\b/],
  ['pool-pump', /\bPOOL( \w+)? PUMP\b|\bPOOL MOTOR\b/],
  ['ev', /\bELECTRIC VEHICLE\b|\bEVSE\b|\bVEHICLE CHARG\w*/],
  ['water-heater', /\bWATER ?HEATER\b/],
  ['cooktop-oven', /\bCOOK ?TOP\b|\bWALL OVEN\b|\bBUILT-?IN OVEN\b/],
  ['range', /\bRANGE\b(?! \d)/],
  ['dryer', /\bDRYER\b/],
  ['kiln', /\bKILN\b/],
  ['welder', /\bWELD\w*|\b[I1L]1 ?(MAX|EFF)\b/],
  ['hot-tub', /\bSPA\b|\bHOT ?TUB\b|\bSWIM SPA\b/],
  ['room-ac', /\bROOM AIR\b/],
  [
    'mini-split',
    /\bHEAT ?PUMP\b|\bOUTDOOR UNIT\b|\bCONDENS\w+ UNIT\b|\bAIR[ -]?CONDITION\w*|\bMINI[ -]?SPLIT\b|\bREFRIGERANT\b/,
  ],
  ['well-pump', /\bSUBMERSIBLE\b|\bWELL PUMP\b|\bCONTROL BOX\b/],
  ['motor', /\bMOTOR\b/],
];

/** What a plate belongs to by its words: the family, null where it is none, and the words that decide. */
export interface PlateFamily {
  readonly family: FamilyId | null;
  readonly because: string | null;
}

/** The family of a plate by the words on it. */
export function plateFamily(lines: readonly TextLine[]): PlateFamily {
  const all = lines.map(({ text }) => text).join(' \n ');
  for (const [family, printed] of NAMED) {
    const found = printed.exec(all);
    if (found !== null) return { family, because: found[0] };
  }
  return { family: null, because: null };
}
