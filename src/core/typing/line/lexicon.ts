import type { Meaning } from './meaning';
import { phrases, RUN_WORDS } from './runWords';

/** What else is said, apart by strokes. */
const WORDS: readonly (readonly [Meaning, string])[] = [
  [{ is: 'material', material: 'al' }, 'aluminum | aluminium | al | alum'],
  [{ is: 'material', material: 'cu' }, 'copper | cu'],
  [
    { is: 'building' },
    [
      'shop | barn | shed | workshop | pole barn | outbuilding | detached | guest house',
      'studio | adu | greenhouse | dock | cabin | detached garage | detached shop',
      'detached shed | detached barn | detached building | detached workshop',
      'detached structure | detached studio | detached carport | detached adu | detached house',
    ].join(' | '),
  ],
  [
    { is: 'neutral', neutral: true },
    'neutral | with neutral | w/ neutral | needs neutral | 120/240 | 120/240v',
  ],
  [
    { is: 'neutral', neutral: false },
    'no neutral | without neutral | w/o neutral | no-neutral | straight 240 | straight 240v',
  ],
  [{ is: 'gfci', gfci: true }, 'gfci | gfi | with gfci | gfci breaker | gfi breaker | gfci protected'],
  [{ is: 'gfci', gfci: false }, 'no gfci | no gfi | without gfci | non gfci | non-gfci | w/o gfci'],
  [
    { is: 'connection', connection: 'receptacle' },
    [
      'plug | plug-in | plug in | plugin | plugged | cord | cord and plug | corded',
      'receptacle | outlet | recep | socket',
    ].join(' | '),
  ],
  [
    { is: 'connection', connection: 'hardwired' },
    'hardwired | hard-wired | hard wired | hardwire | hard wire | wired | direct wired',
  ],
  [
    { is: 'label', label: 'breaker' },
    [
      'breaker | brkr | bkr | cb | circuit breaker | circuit | ckt | ocpd | fuse | fused',
      'dedicated circuit',
    ].join(' | '),
  ],
  [{ is: 'label', label: 'output' }, 'output | out put | charging'],
  [
    { is: 'label', label: 'nameplate' },
    [
      'nameplate | name plate | plate | label | rated | rating | load | draw | draws',
      'i1max | i1 max | drawing | pulls | input | fla | rla | full load | max draw',
    ].join(' | '),
  ],
  [
    { is: 'label', label: 'mca' },
    'mca | min circuit | minimum circuit ampacity | min ampacity | min circuit ampacity',
  ],
  [
    { is: 'label', label: 'mocp' },
    [
      'mocp | mop | max breaker | max fuse | maximum breaker | maximum fuse | max ocpd',
      'max overcurrent',
    ].join(' | '),
  ],
  [{ is: 'label', label: 'size' }, 'awg | gauge'],
  [{ is: 'label', label: 'length' }, 'long | run | away | distance | feet | ft | length'],
  [
    { is: 'apart' },
    [
      'from tub | from the tub | from spa | from the spa | from water | from the water | from pool',
      'from the pool | from sink | from the sink',
    ].join(' | '),
  ],
  [{ is: 'then' }, 'then | and then | followed by | after that'],
  [
    { is: 'note' },
    [
      'load management | energy management | load sharing | power sharing | weatherproof | in-use cover',
      'bubble cover | weather resistant | tamper resistant | existing | disconnect | fused disconnect | old | replace | replacing | whip | deep | depth | cover | conduit | pipe',
      'thhn | thwn | thwn-2 | thhn/thwn | xhhw | xhhw-2 | stranded | solid | wg | w/g',
      'w/ground | with ground | ground',
    ].join(' | '),
  ],
  [
    { is: 'joiner' },
    [
      'a | an | the | of | on | in | at | to | from | for | with | w/ | and | by | via',
      'through | thru | using | into | is | it | its | my | our | his | her | their | this',
      'that | need | needs | want | wants | add | install | new | one | about | approx',
      'approximately | around | roughly | total | each | way | cable | wire | wiring | panel',
      'main panel | per | as | up | down | along | across | under | over | be | will',
      'please | i | we | he | she | they | me | us | you | can | do | what | there | where',
      'which | going | goes | go | out | back | front | next | right | left | got | have',
      'are | was | no. | getting | put | putting | wall mount | wall mounted | wall-mounted | induction | surface mount | surface mounted | downdraft | infrared | slide in | slide-in | beer | point of use | post | double | max | maximum | ready | equipment | opposite | rear | dedicated | plus',
      'level | type | side | customer | has | electric | electrical | mounted | in the',
      'island | duty cycle | duty | cycle | attached | pottery | irrigation | pond | fountain | boat | pedestal | hookup | strip | style',
      'house | home | car | vehicle | residential | feed | feeds | fed | size | x | or | amp',
      'amps | volt | volts',
    ].join(' | '),
  ],
  [{ is: 'plate-word', word: 'tankless' }, 'tankless | on demand | on-demand | instant'],
  [{ is: 'plate-word', word: 'hybrid' }, 'hybrid | heat pump'],
  [{ is: 'plate-word', word: 'resistance' }, 'resistance | spot welder'],
  [{ is: 'plate-word', word: 'variable' }, 'variable speed | variable | vs | vfd'],
  [{ is: 'plate-word', word: 'submersible' }, 'submersible'],
  [{ is: 'plate-word', word: 'short' }, 'short | intermittent'],
];

/** Every phrase of the trade that a line may hold beside the name of its appliance, with what it says. */
export const LEXICON: ReadonlyMap<string, Meaning> = new Map<string, Meaning>([
  ...WORDS.flatMap(([meaning, text]) => phrases(text).map((phrase) => [phrase, meaning] as const)),
  ...RUN_WORDS,
]);
