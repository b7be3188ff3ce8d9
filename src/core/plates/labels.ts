import type { MarkName } from './mark';

/** How a figure looks that stands by a label. */
export type ValueKind = 'amps' | 'number' | 'volts' | 'kilo' | 'wires' | 'torque' | 'percent' | 'types';

/** Words that a mark is printed by, and what stands by them. */
export interface Label {
  readonly mark: MarkName;
  readonly printed: RegExp;
  readonly kind: ValueKind;
  readonly unit: string | null;
}

const of = (mark: MarkName, kind: ValueKind, unit: string | null, printed: RegExp): Label => ({
  mark,
  kind,
  unit,
  printed,
});

/**
 * The labels of nameplates, the particular before the general: what one has taken is no other's. Letters that recognizers
 * mistake for each other are allowed for where the word stays one.
 */
export const LABELS: readonly Label[] = [
  of('MCA', 'amps', 'A', /\bMIN\w*[. ]*(CIR\w*|CKT)[. ]*AMP\w*|\b(CIRCUIT|CKT) AMPACITY|\bM[. ]?C[. ]?A\b/g),
  of(
    'MOCP',
    'amps',
    'A',
    /\bMAX\w*[. ]*(OVER ?CURRENT|O\/?C|FUSE|CKT|CIRCUIT|BREAKER|BKR|OCPD|HACR)([., /]*(OR|AND|CKT|CIRCUIT|BKR|BREAKER|BRKR|FUSE|SIZE|PROTECT\w*|PROT|DEVICE|HACR|TYPE|AMPS?|RATING|CURRENT)\b)*|\bM[. ]?O[. ]?C?[. ]?P\b/g,
  ),
  of('I1max', 'amps', 'A', /\b[I1L][1IL]\s?MAX\w*/g),
  of('I1eff', 'amps', 'A', /\b[I1L][1IL]\s?EFF\w*|\b[I1LN]\w{0,2}[EF]{2,4}\b(?= \d)/g),
  of('dutyPct', 'percent', '%', /\bDUTY( CYCLE)?\b/g),
  of(
    'interruptingKA',
    'kilo',
    'kA',
    /\b(INT\w*[. ]*RATING|INTERRUPTING\w*( RATING)?|SHORT[ -]?CIRCUIT( CURRENT)?( RATING)?|SCCR|AIC|A\.I\.C\.)/g,
  ),
  of('RLA', 'amps', 'A', /(?:\b|(?<=COMPRESSOR))R[. ]?L[. ]?A(?![A-Z])\.?|\bRATED LOAD AMPS\b/g),
  of(
    'LRA',
    'amps',
    'A',
    /(?:\b|(?<=COMPRESSOR))L[. ]?R[. ]?A(?![A-Z])\.?|\bLOCKED ROTOR( AMPS| CURRENT)?\b/g,
  ),
  of('FLA', 'amps', 'A', /(?:\b|(?<=MOTOR))F[. ]?L[. ]?A(?![A-Z])\.?|\bFULL LOAD AMPS\b/g),
  of(
    'serviceFactor',
    'number',
    null,
    /\bS[. ]?[FERP]\b\.?|\bS\w{1,2}(?= ?1[.,:]\d\d\b)|\bSERVICE FACTOR\b|\bSER[. ]*F(ACTOR)?\b/g,
  ),
  of('torqueLbIn', 'torque', 'lb-in', /\b(TIGHTENING )?TORQUE\b/g),
  of('wireRange', 'wires', null, /\bWIRE( RANGE| SIZE)?( CU\W?AL| CU| AL)?\b(?=\D*\d)/g),
  of('busA', 'amps', 'A', /\b(MAIN )?BUS\w*( RATING)?\b/g),
  of('mainA', 'amps', 'A', /\bMAIN (CIRCUIT )?BREAKER\b|\bMAIN\b(?! LUG)/g),
  of('spaces', 'number', null, /\b(SPACES|POLE SPACES)\b/g),
  of('breakerTypes', 'types', null, /\bUSE (ONLY )?TYPES?\b|\bBREAKER TYPES?\b/g),
  of('outputAmps', 'amps', 'A', /\b(MAX\w*[. ]*)?(RATED )?OUTPUT( CURRENT| AMPS)?\b/g),
  of('breakerA', 'amps', 'A', /\b(REQUIRED )?(CIRCUIT )?(BREAK\w*|BKR)( SIZE| RATING)?\b|\bFUSE\b/g),
  of('inputAmps', 'amps', 'A', /\bINPUT( CURRENT| AMPS)\b/g),
  of(
    'kW',
    'kilo',
    'kW',
    /\b(TOTAL |RATED |MAX\w*[. ]*)?(WATTS?|WATTAGE|KW|KILOWATTS?|POWER INPUT|CONNECTED LOAD)\b(?! SUPPLY)/g,
  ),
  of(
    'volts',
    'volts',
    'V',
    /\b(RATED |SUPPLY |INPUT )?(VOLTS?|VOLTAGE)( AC)?\b|\bPOWER SUPPLY\b|\bU[1IL] ?(?=[12]\d\d ?V)/g,
  ),
  of('phase', 'number', null, /\b(PHASES?|PH)\b/g),
  of('hz', 'number', 'Hz', /\b(HZ|HERTZ|FREQUENCY|CYCLES)\b/g),
  of('hp', 'number', 'hp', /\b(TOTAL )?(HP|H\.P\.?|HORSE ?POWER)\b/g),
  of('amps', 'amps', 'A', /\b(TOTAL ?|MAX\w*[. ]*|RATED |FULL LOAD )?(AMPS?|AMPERES?|CURRENT)\b|\bTOTAL\b/g),
];
