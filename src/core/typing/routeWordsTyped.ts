import { METHOD_IDS, METHODS, type MethodId, type Environment } from '../code/methods';
import type { BurialPlace } from '../code/burialPlaces';
import type { StationBetween } from '../code/routeKinds';

/** Methods by the words that are typed for them. */
export const METHOD_WORDS: ReadonlyMap<string, MethodId> = new Map<string, MethodId>([
  ...METHOD_IDS.map((id) => [id, id] as const),
  ...METHOD_IDS.map((id) => [METHODS[id].name.toLowerCase().replaceAll(' ', ''), id] as const),
  ['nm', 'nm-b'],
  ['nmb', 'nm-b'],
  ['uf', 'uf-b'],
  ['ufb', 'uf-b'],
  ['pvc', 'pvc40'],
  ['rigid', 'rmc'],
  ['seal-tight', 'lfmc'],
]);

/** How each method is written back. */
export const METHOD_WORD: Readonly<Record<MethodId, string>> = {
  'nm-b': 'nm',
  'uf-b': 'uf',
  mc: 'mc',
  ser: 'ser',
  emt: 'emt',
  pvc40: 'pvc',
  pvc80: 'pvc80',
  rmc: 'rmc',
  imc: 'imc',
  fmc: 'fmc',
  lfmc: 'lfmc',
  lfnc: 'lfnc',
  ent: 'ent',
};

/** Places by the words that are typed for them. */
export const PLACE_WORDS: Readonly<Record<string, Environment>> = {
  joists: 'indoor',
  indoors: 'indoor',
  indoor: 'indoor',
  inside: 'indoor',
  attic: 'attic',
  garage: 'garage',
  crawl: 'damp',
  damp: 'damp',
  porch: 'damp',
  outdoors: 'outdoor',
  outdoor: 'outdoor',
  outside: 'outdoor',
  trench: 'underground',
  buried: 'underground',
  underground: 'underground',
  corrosive: 'corrosive',
  chemicals: 'corrosive',
};

/** How each place is written back. */
export const PLACE_WORD: Readonly<Record<Environment, string>> = {
  indoor: 'joists',
  attic: 'attic',
  garage: 'garage',
  damp: 'crawl',
  outdoor: 'outside',
  underground: 'trench',
  corrosive: 'corrosive',
};

/** What lies over a trench, by the words that are typed for it. */
export const BURIAL_WORDS: Readonly<Record<string, BurialPlace>> = {
  yard: 'yard',
  driveway: 'driveway',
  street: 'street',
  slab: 'under-slab',
  building: 'under-building',
  concrete: 'under-concrete',
};

/** How each cover is written back. */
export const BURIAL_WORD: Readonly<Record<BurialPlace, string>> = {
  yard: 'yard',
  driveway: 'driveway',
  street: 'street',
  'under-slab': 'slab',
  'under-building': 'building',
  'under-concrete': 'concrete',
};

/** Stations by the words that are typed for them. */
export const STATION_WORDS: Readonly<Record<string, StationBetween>> = {
  box: 'box',
  'pull box': 'pull-box',
  pullbox: 'pull-box',
  body: 'body',
  'conduit body': 'body',
  lb: 'body',
  ll: 'body',
  lr: 'body',
  coupling: 'coupling',
  disconnect: 'disconnect',
};

/** How each station is written back. */
export const STATION_WORD: Readonly<Record<StationBetween, string>> = {
  box: 'box',
  'pull-box': 'pull box',
  body: 'body',
  coupling: 'coupling',
  disconnect: 'disconnect',
};
