import type { PanelUnknown } from '../panel/panelUnknowns';
import type { Unclear } from '../panel/directory';
import { spaceLabel, type Clash, type InstalledBreaker } from '../panel/spaces';
import type { SpaceOption } from '../panel/spaceOptions';
import { counted } from './words';

const KIND: Readonly<Record<InstalledBreaker['kind'], string>> = {
  plain: '',
  gfci: 'GFCI',
  afci: 'AFCI',
  dual: 'dual function',
};

/** What is said under the name of a breaker on the face; undefined where nothing is. */
export function severityNote({ fate, from, sharedNeutral, kind }: InstalledBreaker): string | undefined {
  const parts = [
    fate === 'moved' && from !== null ? `from ${spaceLabel(from)}` : '',
    sharedNeutral ? 'shared neutral, tied' : '',
    KIND[kind],
  ].filter((part) => part !== '');
  return parts.length === 0 ? undefined : parts.join(', ');
}

/** Why something cannot stand where it was put. */
export function clashWords(clash: Clash): string {
  switch (clash.why) {
    case 'outside':
      return `The panel has no space ${clash.slot}: choose one with a space under it for two poles.`;
    case 'taken':
      return `Space ${clash.slot} is taken. Move what stands there first.`;
    case 'tandem':
      return `The label does not let two circuits share space ${clash.slot}.`;
  }
}

/** Why a line of a directory is not clear, and what would be. */
export const unclearWords: Readonly<Record<Unclear, string>> = {
  empty: 'says nothing: find out what it feeds',
  vague: 'could be anything: name the room and the thing',
  twice: 'stands here more than once: tell them apart',
  person: 'is named after a person: name the room, which stays when they leave',
};

/** A way to make room, in a few words. */
export function spaceOptionWords(option: SpaceOption): string {
  switch (option.kind) {
    case 'moves': {
      const { tandems, moves } = option.freeSpace;
      const made = tandems === 0 ? '' : `${counted(tandems, 'breaker')} for two, `;
      return `${made}${moves.length === 0 ? 'nothing moves' : counted(moves.length, 'move')}`;
    }
    case 'subpanel':
      return `${option.spaces}-space subpanel beside it, ${option.feederA} A feeder, ${counted(option.freeSpace.moves.length, 'move')}`;
    case 'new-panel':
      return `New ${option.spaces}-space panel`;
  }
}

/** What is not known of a panel yet, and what waits for it. */
export const unknownWords: Readonly<
  Record<PanelUnknown, { readonly what: string; readonly blocks: string }>
> = {
  circuits: { what: 'Circuits that are there', blocks: 'room, legs and directory wait for them' },
  main: { what: 'Main breaker', blocks: 'the service cannot be compared' },
  bus: { what: 'Bus rating', blocks: 'it may be the least of the service' },
  tandems: { what: 'Spaces that take two circuits', blocks: 'none is taken to' },
  listings: { what: 'Breaker types on the label', blocks: 'no breaker can be bought' },
  neutrals: { what: 'Neutral and ground bars', blocks: 'the wiring at the panel is not sure' },
  terminals: { what: 'Terminal temperature', blocks: 'circuits are sized in the 60 °C column' },
  interrupting: { what: 'Interrupting rating', blocks: 'the fault current cannot be compared' },
  knockouts: { what: 'Free knockouts by trade size', blocks: 'the entry is not sure' },
  openings: { what: 'Openings without a filler', blocks: 'the face may be open to live parts' },
};

const SOURCE_NAME: Readonly<Record<string, string>> = {
  generator: 'generator',
  battery: 'battery',
  solar: 'solar',
  vehicle: 'car that gives back',
};

/** A second source by its name: of those that were said, or as its breaker is named. */
export const sourceName = (source: string): string => SOURCE_NAME[source] ?? source;
