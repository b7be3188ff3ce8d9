import type { MethodId, Environment } from '../code/methods';
import type { BurialPlace } from '../code/burialPlaces';
import type { StationBetween } from '../code/routeKinds';
import { METHOD_WORDS, PLACE_WORDS } from './placeAndMethod';

/** Methods by the words that are typed for them on a route. */
export const ROUTE_METHOD_WORDS: ReadonlyMap<string, MethodId> = new Map<string, MethodId>([
  ...METHOD_WORDS,
  ['ufb', 'uf-b'],
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

/** Places by the words that are typed for them on a route. */
export const ROUTE_PLACE_WORDS: Readonly<Record<string, Environment>> = {
  joists: 'indoor',
  ...PLACE_WORDS,
  inside: 'indoor',
  crawl: 'damp',
  damp: 'damp',
  porch: 'damp',
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
