import { ENVIRONMENTS, METHOD_IDS, METHODS, type Environment, type MethodId } from '../code/methods';
import { environmentName } from '../wording/words';

/** Places as they are typed. */
export const PLACE_WORDS: Readonly<Record<string, Environment>> = {
  indoors: 'indoor',
  indoor: 'indoor',
  attic: 'attic',
  garage: 'garage',
  outdoors: 'outdoor',
  outdoor: 'outdoor',
  outside: 'outdoor',
  underground: 'underground',
  buried: 'underground',
  trench: 'underground',
};

/** Methods as they are typed, without spaces. */
export const METHOD_WORDS: ReadonlyMap<string, MethodId> = new Map<string, MethodId>([
  ...METHOD_IDS.map((id) => [id, id] as const),
  ...METHOD_IDS.map((id) => [METHODS[id].name.toLowerCase().replaceAll(' ', ''), id] as const),
  ['nm', 'nm-b'],
  ['nmb', 'nm-b'],
  ['uf', 'uf-b'],
  ['pvc', 'pvc40'],
]);

/** The place that a word or a name on the screen means: "outdoor", "outdoors", "damp place". */
export function placeOfWord(word: string): Environment | undefined {
  const text = word.trim().toLowerCase();
  const named = Object.entries(environmentName).find(([id, name]) => id === text || name === text);
  return PLACE_WORDS[text] ?? ENVIRONMENTS.find((each) => each === named?.[0]);
}

/** The wiring method that a word or a name on the screen means: "pvc", "PVC Sch 40", "NM-B cable". */
export const methodOfWord = (word: string): MethodId | undefined =>
  METHOD_WORDS.get(
    word
      .toLowerCase()
      .replace(/ cable$/, '')
      .replaceAll(' ', ''),
  );
