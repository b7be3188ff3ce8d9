import type { Citation, SectionKey } from './sections';
import type { RacewayType, SupportKind, Surround, TemperatureColumn } from './tables/shapes';

/** Wiring methods that a segment may be run in. */
export const METHOD_IDS = [
  'nm-b',
  'uf-b',
  'mc',
  'ser',
  'emt',
  'pvc40',
  'pvc80',
  'rmc',
  'imc',
  'fmc',
  'lfmc',
  'lfnc',
  'ent',
] as const;
/** Id of a wiring method. */
export type MethodId = (typeof METHOD_IDS)[number];

/** Where a segment runs. */
export const ENVIRONMENTS = [
  'indoor',
  'attic',
  'garage',
  'damp',
  'outdoor',
  'underground',
  'corrosive',
] as const;
/** Where a segment runs, as the rules tell places apart. */
export type Environment = (typeof ENVIRONMENTS)[number];

/** Whether a method may be in a place: by rule, or only if the authority or a listing says so. */
type Allowed = 'yes' | 'no' | 'ask';

/** What is known of a wiring method. */
export interface Method {
  readonly id: MethodId;
  readonly name: string;
  readonly kind: 'cable' | 'raceway';
  /** Highest column for the final ampacity, whatever the terminals say; null where the terminals decide. */
  readonly capC: TemperatureColumn | null;
  /** Column from which correction and adjustment start, dry and wet. */
  readonly startDryC: TemperatureColumn;
  readonly startWetC: TemperatureColumn;
  readonly surround: Surround;
  readonly raceway: RacewayType | null;
  readonly support: SupportKind;
  readonly outdoor: Allowed;
  readonly damp: Allowed;
  readonly corrosive: Allowed;
  readonly underground: Allowed;
  readonly capCite: SectionKey;
  readonly placeCite: SectionKey;
}

const cable = (
  part: Pick<
    Method,
    | 'id'
    | 'name'
    | 'capC'
    | 'startDryC'
    | 'startWetC'
    | 'support'
    | 'outdoor'
    | 'damp'
    | 'corrosive'
    | 'underground'
    | 'capCite'
    | 'placeCite'
  > & { surround?: Surround },
): Method => ({ kind: 'cable', surround: 'pvc', raceway: null, ...part });

const pipe = (
  id: MethodId,
  name: string,
  raceway: RacewayType,
  support: SupportKind,
  surround: Surround,
  [outdoor, damp, corrosive, underground]: readonly [
    outdoor: Allowed,
    damp: Allowed,
    corrosive: Allowed,
    underground: Allowed,
  ],
  placeCite: SectionKey,
): Method => ({
  id,
  name,
  kind: 'raceway',
  capC: null,
  startDryC: 90,
  startWetC: 90,
  surround,
  raceway,
  support,
  outdoor,
  damp,
  corrosive,
  underground,
  capCite: 'method.raceway',
  placeCite,
});

/** What each method is and where it may go. */
export const METHODS: Readonly<Record<MethodId, Method>> = {
  'nm-b': cable({
    id: 'nm-b',
    name: 'NM-B',
    capC: 60,
    startDryC: 90,
    startWetC: 90,
    support: 'NM',
    outdoor: 'no',
    damp: 'no',
    corrosive: 'no',
    underground: 'no',
    capCite: 'method.nm-b',
    placeCite: 'method.nm-b-place',
  }),
  'uf-b': cable({
    id: 'uf-b',
    name: 'UF-B',
    capC: 60,
    startDryC: 60,
    startWetC: 60,
    support: 'UF',
    outdoor: 'yes',
    damp: 'yes',
    corrosive: 'ask',
    underground: 'yes',
    capCite: 'method.uf-b',
    placeCite: 'method.uf-b-place',
  }),
  mc: cable({
    id: 'mc',
    name: 'MC',
    capC: null,
    startDryC: 90,
    startWetC: 75,
    support: 'MC',
    outdoor: 'ask',
    damp: 'yes',
    corrosive: 'ask',
    underground: 'ask',
    capCite: 'method.mc',
    placeCite: 'method.mc-place',
    surround: 'aluminum',
  }),
  ser: cable({
    id: 'ser',
    name: 'SER',
    capC: 75,
    startDryC: 90,
    startWetC: 75,
    support: 'SER',
    outdoor: 'yes',
    damp: 'yes',
    corrosive: 'ask',
    underground: 'no',
    capCite: 'method.ser',
    placeCite: 'method.ser-place',
  }),
  emt: pipe('emt', 'EMT', 'EMT', 'EMT', 'steel', ['yes', 'yes', 'ask', 'ask'], 'method.emt-place'),
  pvc40: pipe('pvc40', 'PVC Sch 40', 'PVC40', 'PVC', 'pvc', ['yes', 'yes', 'yes', 'yes'], 'method.place'),
  pvc80: pipe('pvc80', 'PVC Sch 80', 'PVC80', 'PVC', 'pvc', ['yes', 'yes', 'yes', 'yes'], 'method.place'),
  rmc: pipe('rmc', 'RMC', 'RMC', 'RMC', 'steel', ['yes', 'yes', 'ask', 'yes'], 'method.place'),
  imc: pipe('imc', 'IMC', 'IMC', 'IMC', 'steel', ['yes', 'yes', 'ask', 'yes'], 'method.place'),
  fmc: pipe('fmc', 'FMC', 'FMC', 'FMC', 'steel', ['no', 'yes', 'no', 'no'], 'method.fmc-place'),
  lfmc: pipe('lfmc', 'LFMC', 'LFMC', 'LFMC', 'steel', ['yes', 'yes', 'ask', 'ask'], 'method.place'),
  lfnc: pipe('lfnc', 'LFNC', 'LFNC', 'LFNC', 'pvc', ['yes', 'yes', 'ask', 'ask'], 'method.place'),
  ent: pipe('ent', 'ENT', 'ENT', 'ENT', 'pvc', ['no', 'yes', 'ask', 'no'], 'method.ent-place'),
};

/** The article that each raceway's own sections (bends .26, support .30) belong to. */
const ARTICLE: Readonly<Record<MethodId, string>> = {
  'nm-b': '334',
  'uf-b': '340',
  mc: '330',
  ser: '338',
  emt: '358',
  pvc40: '352',
  pvc80: '352',
  rmc: '344',
  imc: '342',
  fmc: '348',
  lfmc: '350',
  lfnc: '356',
  ent: '362',
};

/** A citation with the article of a method put in: "3xx.26" of EMT is 358.26. */
export const methodCitation = (citation: Citation, method: MethodId): Citation => ({
  ...citation,
  section: citation.section.replace('3xx', ARTICLE[method]),
});

/** Whether a method may be in a place; rooms that are dry take every method. */
export const allowedIn = (method: MethodId, place: Environment): Allowed =>
  place === 'indoor' || place === 'attic' || place === 'garage' ? 'yes' : METHODS[method][place];

/** Whether a place is wet for the insulation of conductors; where it is corrosive it counts as wet. */
export const isWet = (place: Environment): boolean =>
  place === 'outdoor' || place === 'underground' || place === 'corrosive';
