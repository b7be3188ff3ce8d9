import type { ReactNode } from 'react';
import type { HelpId } from '../../core/wording/help';
import classes from './HelpPicture.module.css';

interface TextProps {
  readonly x: number;
  readonly y: number;
  readonly children: ReactNode;
  readonly lit?: boolean;
  readonly middle?: boolean;
}

const Text = ({ x, y, children, lit = false, middle = false }: TextProps) => (
  <text x={x} y={y} data-lit={lit || undefined} textAnchor={middle ? 'middle' : 'start'}>
    {children}
  </text>
);

/** A nameplate with the two lines that wire and breaker are read from. */
const plate = (
  <>
    <rect x="8" y="8" width="204" height="96" />
    <Text x={18} y={28}>
      VOLTS 208/230
    </Text>
    <Text x={18} y={50} lit>
      MIN CIRCUIT AMPACITY 19.0
    </Text>
    <Text x={18} y={72} lit>
      MAX OVERCURRENT 30
    </Text>
    <Text x={18} y={94}>
      RLA 14.6 · LRA 62
    </Text>
    <path className={classes['lit']} d="M214 46h26M214 68h26" />
    <Text x={244} y={50}>
      wire
    </Text>
    <Text x={244} y={72}>
      breaker
    </Text>
  </>
);

/** A tub, a wall, and the way around it that a cord takes to a receptacle. */
const water = (
  <>
    <rect className={classes['water']} x="12" y="44" width="86" height="56" rx="8" />
    <path className={classes['wall']} d="M132 40v64" />
    <rect x="176" y="76" width="14" height="20" />
    <path className={classes['lit']} d="M98 72C112 40 122 30 132 30S172 52 181 74" />
    <path className={classes['thin']} d="M98 90H174" strokeDasharray="3 4" />
    <Text x={112} y={22} lit>
      6 ft or more, around the wall
    </Text>
    <Text x={22} y={76}>
      water
    </Text>
    <Text x={196} y={92}>
      receptacle
    </Text>
    <Text x={138} y={106}>
      wall
    </Text>
  </>
);

/** A GFCI breaker: load neutral on the breaker, pigtail on the bar. */
const neutral = (
  <>
    <rect x="102" y="18" width="58" height="60" />
    <Text x={116} y={52}>
      GFCI
    </Text>
    <rect x="196" y="84" width="88" height="18" />
    <Text x={204} y={97}>
      neutral bar
    </Text>
    <path className={classes['lit']} d="M12 62H102" />
    <Text x={8} y={56} lit>
      load neutral
    </Text>
    <path d="M160 62q10-12 16 0t16 0 16 0 16 0v22" />
    <Text x={172} y={44}>
      pigtail
    </Text>
    <path d="M12 28H102" />
    <Text x={8} y={22}>
      hot
    </Text>
  </>
);

/** A trench: cover is measured above the raceway, not to the bottom. */
const cover = (
  <>
    <path className={classes['wall']} d="M8 22H86M190 22H290" />
    <path d="M86 22V100H190V22" />
    <circle cx="138" cy="86" r="10" />
    <path className={classes['lit']} d="M138 24V74M132 30l6-6 6 6M132 68l6 6 6-6" />
    <Text x={150} y={54} lit>
      cover
    </Text>
    <path className={classes['thin']} d="M204 24V98M200 24h8M200 98h8" strokeDasharray="3 4" />
    <Text x={212} y={66}>
      not the trench
    </Text>
  </>
);

/** A wire that goes by the cooler of its two ends. */
const columns = (
  <>
    <rect x="8" y="34" width="66" height="50" />
    <rect x="226" y="34" width="66" height="50" />
    <path className={classes['lit']} d="M74 59H226" />
    <Text x={41} y={54} middle>
      75 °C
    </Text>
    <Text x={41} y={72} middle>
      breaker
    </Text>
    <Text x={259} y={54} middle lit>
      60 °C
    </Text>
    <Text x={259} y={72} middle>
      load
    </Text>
    <Text x={150} y={48} middle>
      90 °C wire
    </Text>
    <Text x={150} y={82} middle lit>
      read the 60 °C column
    </Text>
  </>
);

/** A disconnect in sight of the equipment and within reach of an eye. */
const sight = (
  <>
    <rect x="14" y="30" width="22" height="34" />
    <path d="M25 36v10" />
    <rect x="224" y="48" width="60" height="48" />
    <path className={classes['lit']} d="M40 48H222" strokeDasharray="6 4" />
    <Text x={60} y={40} lit>
      in sight, within 50 ft
    </Text>
    <Text x={8} y={80}>
      disconnect
    </Text>
    <Text x={228} y={42}>
      equipment
    </Text>
  </>
);

/** Where a bonding screw is: in at the service, out in a subpanel. */
const bonding = (
  <>
    <rect x="12" y="20" width="110" height="80" />
    <rect x="176" y="20" width="110" height="80" />
    <path d="M28 44h78M28 76h78M192 44h78M192 76h78" />
    <path className={classes['lit']} d="M67 44V76" />
    <path className={classes['thin']} d="M231 52V68" strokeDasharray="2 4" />
    <Text x={67} y={116} middle>
      service: in
    </Text>
    <Text x={231} y={116} middle>
      subpanel: out
    </Text>
  </>
);

const PICTURES: Partial<Record<HelpId, readonly [says: string, drawing: ReactNode]>> = {
  mca: ['A nameplate: minimum circuit ampacity is for the wire, maximum overcurrent for the breaker', plate],
  water: ['From the water around a wall to a receptacle, 6 ft or more', water],
  'load-neutral': [
    'A GFCI breaker: the load neutral on the breaker, its pigtail on the neutral bar',
    neutral,
  ],
  cover: ['A trench: cover is measured from grade to the top of the raceway, not to the bottom', cover],
  'column-60': ['A 75 °C breaker and a 60 °C load: the wire reads the 60 °C column', columns],
  disconnect: ['A disconnect in sight of its equipment and within 50 ft', sight],
  bonding: ['The bonding screw: in at the service, out in a subpanel', bonding],
};

/** A small picture of what a topic means: where to measure, which screw; nothing where words do. */
export function HelpPicture({ id }: { readonly id: HelpId }) {
  const picture = PICTURES[id];
  if (picture === undefined) return null;
  const [says, drawing] = picture;
  return (
    <svg className={classes['picture']} viewBox="0 0 300 120" role="img" aria-label={says}>
      {drawing}
    </svg>
  );
}
