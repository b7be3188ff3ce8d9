import { METHOD_IDS, type Environment, type MethodId } from '../../code/methods';
import type { Meaning } from './meaning';

/** Phrases apart by strokes. */
export const phrases = (text: string): readonly string[] => text.split(' | ');

/** Wiring methods as they are typed. */
const METHODS: Readonly<Record<MethodId, string>> = {
  'nm-b': 'nm-b | nmb | nm | nm cable | romex | nonmetallic cable | nonmetallic',
  'uf-b': 'uf-b | ufb | uf | uf cable',
  mc: 'mc | mc cable | metal clad | metal-clad | bx | armored cable',
  ser: 'ser | ser cable | se cable | se | seu | service entrance cable',
  emt: 'emt | emt conduit | thinwall | thin wall',
  pvc40: [
    'pvc | pvc40 | pvc 40 | pvc sch 40 | sch 40 pvc | sch 40 | schedule 40',
    'schedule 40 pvc | pvc schedule 40 | pvc conduit | plastic conduit | sch40 | sch40 pvc',
  ].join(' | '),
  pvc80: [
    'pvc80 | pvc 80 | pvc sch 80 | sch 80 pvc | sch 80 | schedule 80 | schedule 80 pvc',
    'pvc schedule 80 | sch80 | sch80 pvc',
  ].join(' | '),
  rmc: 'rmc | rigid | rigid conduit | grc | rigid metal conduit | galvanized',
  imc: 'imc | intermediate metal conduit',
  fmc: 'fmc | flex | greenfield | flexible metal conduit | metal flex | flex conduit',
  lfmc: [
    'lfmc | liquidtight | liquid tight | liquid-tight | sealtight | seal tight',
    'liquidtight flex',
  ].join(' | '),
  lfnc: 'lfnc | nonmetallic liquidtight | plastic liquidtight',
  ent: 'ent | smurf | smurf tube',
};

interface Place {
  readonly place: Environment;
  readonly room?: string;
  readonly method?: MethodId;
}

/** Places as they are typed, with the room that they name. */
const PLACES: readonly (readonly [Place, string])[] = [
  [{ place: 'underground', method: 'uf-b' }, 'direct burial | direct bury | direct buried'],
  [
    { place: 'outdoor', room: 'outdoor' },
    [
      'outdoors | outdoor | outside | out side | exterior | patio | deck | yard | backyard',
      'back yard | driveway | carport | porch | roof | exterior wall | outside wall | outdoor wall',
    ].join(' | '),
  ],
  [
    { place: 'underground' },
    [
      'underground | under ground | buried | trench | in trench | trenched | ug | under driveway',
      'under the driveway | under slab | under the slab | under concrete | below grade',
    ].join(' | '),
  ],
  [{ place: 'attic', room: 'attic' }, 'attic | attic space'],
  [{ place: 'garage', room: 'garage' }, 'garage | attached garage | garage wall | garage ceiling'],
  [{ place: 'indoor' }, 'indoors | indoor | inside | interior | wall | walls | ceiling'],
  [{ place: 'indoor', room: 'basement' }, 'basement | cellar | basement wall | basement ceiling'],
  [{ place: 'indoor', room: 'finished-basement' }, 'finished basement'],
  [{ place: 'indoor', room: 'kitchen' }, 'kitchen'],
  [{ place: 'indoor', room: 'laundry' }, 'laundry | laundry room'],
  [{ place: 'indoor', room: 'bathroom' }, 'bathroom | bath'],
  [{ place: 'indoor', room: 'bedroom' }, 'bedroom'],
  [{ place: 'indoor', room: 'living' }, 'living room | living | family room | dining room | office'],
  [{ place: 'indoor', room: 'hall' }, 'hall | hallway'],
  [{ place: 'indoor', room: 'closet' }, 'closet'],
  [{ place: 'indoor', room: 'utility' }, 'utility room | utility | mechanical room'],
  [{ place: 'indoor', room: 'crawl' }, 'crawl space | crawlspace | crawl'],
  [{ place: 'damp', room: 'damp' }, 'damp | wet'],
];

/** What is said of how and where a circuit runs. */
export const RUN_WORDS: readonly (readonly [string, Meaning])[] = [
  ...METHOD_IDS.flatMap((method) =>
    phrases(METHODS[method]).map((phrase): readonly [string, Meaning] => [phrase, { is: 'method', method }]),
  ),
  ...PLACES.flatMap(([place, text]) =>
    phrases(text).map((phrase): readonly [string, Meaning] => [phrase, { is: 'place', ...place }]),
  ),
];
