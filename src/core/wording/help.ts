/** One thing explained where it is met: a figure, a word of the nameplate, a place to measure. */
export interface HelpTopic {
  readonly title: string;
  /** Two or three sentences: what it is, what decides it, what goes wrong. */
  readonly words: string;
  /** Other words by which it is looked for. */
  readonly keywords: readonly string[];
}

const topic = (title: string, words: string, ...keywords: string[]): HelpTopic => ({
  title,
  words,
  keywords,
});

/** What can be asked about, each figure of the ladder first. */
export const HELP = {
  load: topic(
    'Load',
    'The current that the appliance draws, from its nameplate and manual. A load that runs three hours or more is continuous and counts at 125 %. A motor counts by the table of its horsepower, not by its nameplate.',
    'amps',
    'continuous',
    'nameplate',
  ),
  breaker: topic(
    'Breaker',
    'The overcurrent device at the start of the circuit. It is the next standard rating that carries the required current, and never above what the conductor or the nameplate allows. Motors, welders and refrigeration follow Articles 430, 630 and 440.',
    'OCPD',
    'overcurrent',
  ),
  conductor: topic(
    'Conductor',
    'The size of the hots and the neutral. Every segment must carry the load in the column of its terminals and its method, corrected for heat and for other conductors beside it. NM-B is held to the 60 °C column whatever its insulation says.',
    'wire',
    'AWG',
    'ampacity',
  ),
  ground: topic(
    'Ground',
    'The equipment ground by Table 250.122, from the rating of the breaker. It grows in proportion when the hots are made larger than required, and is never required larger than the hots.',
    'EGC',
    'green',
    'bare',
  ),
  raceway: topic(
    'Raceway',
    'The trade size that holds the conductors: 40 % of its inside for three or more. Pasture takes a size up where the pull is hard, and says which size is legal.',
    'conduit',
    'fill',
    'pipe',
  ),
  drop: topic(
    'Voltage drop',
    'The volts that are lost in the wire while the appliance runs. 3 % for a branch circuit and 5 % together with its feeder is good practice, not a rule. Pasture figures it with the running current, not with 125 %.',
    'percent',
    'length',
  ),
  disconnect: topic(
    'Disconnect',
    'What shuts the appliance off for whoever works on it. Some must stand in sight of the equipment and within 50 ft, some may be a breaker that locks off. At water it stands 5 ft or more from the inside wall and in sight.',
    'switch',
    'pull-out',
    'lock',
  ),
  protection: topic(
    'Protection',
    'GFCI protects people from current through the ground, AFCI protects the house from arcing. Place, appliance, voltage and edition decide. The form is a choice: breaker, receptacle, dead-front device or spa panel.',
    'GFCI',
    'AFCI',
  ),
  mca: topic(
    'MCA and MOCP',
    'Minimum circuit ampacity: what the wire must carry, with 125 % already in it. Maximum overcurrent protection: the largest breaker allowed. Wire to the first, breaker up to the second.',
    'minimum circuit ampacity',
    'MOP',
    'maximum breaker',
    'heat pump',
  ),
  'column-60': topic(
    'Why the 60 °C column',
    'Terminals up to 100 A are taken at 60 °C until both ends are marked 75 °C. The wire may run hotter than the lug may. NM-B and UF-B stay in the 60 °C column even with 75 °C lugs.',
    'terminals',
    'lug',
    'temperature',
    '110.14',
  ),
  water: topic(
    'Distance to the water',
    'Measure from the inside wall of the pool, spa or tub, the shortest way a cord or a hand can go. A wall, a door or a window in between counts as a barrier; a fence that one reaches around does not. Receptacles stand 6 ft or more away.',
    'pool',
    'tub',
    '680.22',
    'measure',
  ),
  sink: topic(
    'Cord path to a sink',
    'Measure as a cord would lie, from the receptacle to the edge of the sink: through no wall, floor or fixed barrier, from 2020 on through doors and doorways too, in 2017 not. Not sure of the edition: through them. At pools another rule holds. Within 6 ft the receptacle needs GFCI protection.',
    'kitchen',
    '210.8',
  ),
  cover: topic(
    'Cover',
    'The earth above the top of the raceway or cable, not the depth of the trench. PVC takes 18 in in a yard, direct-buried cable 24 in. Dig a little deeper than the cover requires.',
    'trench',
    'burial',
    'depth',
    '300.5',
  ),
  'load-neutral': topic(
    'Load neutral and pigtail',
    'A GFCI compares what leaves by the hots with what returns by the neutral. So the neutral of the load lands on the device, and the white pigtail of the device on the neutral bar. Landed on the bar, the load neutral makes it trip at the first 120 V load.',
    'GFCI breaker',
    'white',
    'trips',
  ),
  bonding: topic(
    'Bonding screw',
    'Neutral and ground are joined once, at the service disconnect. In every subpanel the screw is out and the bars stand apart; in the wrong place it lets the ground carry current. An existing three-wire feeder to another building may keep its bond (250.32(B)(1) Ex. No. 1): legal when installed, no ground, no metallic path, no ground-fault protection of equipment.',
    'strap',
    'subpanel',
    'neutral bar',
  ),
  torque: topic(
    'Torque',
    'The label of the equipment names it; without a label the default table counts. Stranded wire settles: torque it, move it, torque it again. Record it at the screw in Terminations.',
    'lb-in',
    'screw',
    '110.14(D)',
  ),
  white: topic(
    'White used as a hot',
    'In a two-wire cable at 240 V the white is a hot. It is re-identified with black or red tape or paint at each end and in every box. In a raceway a white is a neutral and nothing else: pull the right color.',
    're-identified',
    'tape',
    '200.7',
  ),
  setting: topic(
    'Restricted setting of a charger',
    'A lower setting counts only where access to it is restricted: a tool cover, a locked door or a password. The label bears the adjusted rating. Until then the charger counts at its nameplate.',
    'EV',
    'amps',
    '625.42',
  ),
  derating: topic(
    'Other conductors beside it',
    'More than three current-carrying conductors in a raceway or bundle heat each other: 4 to 6 carry 80 %. A neutral that carries only the unbalance does not count. Pasture starts from the 90 °C column where the insulation allows.',
    'bundle',
    'adjustment',
    '310.15',
  ),
  service: topic(
    'Service load',
    'What the whole house may draw at once, by a calculation or by a year of its readings. The main breaker, the bus, the meter and the service conductors each limit it. Load management keeps a charger within what is left.',
    '220.83',
    '220.87',
    'main',
  ),
  tandem: topic(
    'Tandem breakers',
    'Two single poles in one space, where the label of the panel allows it. The label names the spaces; other spaces may reject them. They never make a 240 V circuit.',
    'space',
    'full panel',
    'label',
  ),
  boxes: topic(
    'Boxes and their volume',
    'A box holds each conductor at the volume of its size, the grounds together, clamps and devices besides. Conductors of 4 AWG and larger count by length instead: eight trade sizes straight through, six for an angle. A box stays reachable.',
    '314.16',
    'fill',
    'cubic inches',
  ),
  pulls: topic(
    'Bends and pulls',
    'No more than 360° of bends between two pull points: boxes, conduit bodies, ends. A coupling is no pull point. Tension grows with every bend, so the end from which one pulls matters.',
    'elbow',
    'LB',
    'pull point',
  ),
  fittings: topic(
    'Seals, bushings, plates',
    'A raceway from warm to cold, or from the ground into a building, is sealed where moisture could reach live parts. Bushings guard 4 AWG and larger where they enter. A hole nearer than 1-1/4 in to the edge of framing gets a plate.',
    'expansion',
    'ribbon',
    'nail plate',
  ),
  method: topic(
    'Methods and locations',
    'Each cable and raceway is listed for some locations only: NM-B stays indoors and dry, UF-B may lie in the ground, raceways outdoors are wet inside. Change the method where the location changes, in a box that can be reached.',
    'wet',
    'damp',
    'attic',
  ),
  receptacle: topic(
    'Receptacle and plug',
    'Shape, volts, amperes and ground of a receptacle match the plug and the circuit. A new 14-30 or 14-50 has four wires. An old three-wire range or dryer may stay as it was, but it is not extended.',
    'NEMA',
    '14-50',
    '6-50',
  ),
  building: topic(
    'Another building',
    'A building or structure has one supply, with exceptions that are recorded. It has a disconnect where the supply enters, and a grounding electrode unless a single branch circuit with a ground is all there is. Neutral and ground stay apart there, but for an existing three-wire feeder under 250.32(B)(1) Ex. No. 1.',
    'garage',
    'studio',
    '225',
  ),
  feeder: topic(
    'Feeder',
    'The wires from one panel to the next, sized for the load of that panel and protected at their start. Four wires: neutral and ground apart from the first panel on. Circuits of its panel count once in the service.',
    'subpanel',
    '215',
  ),
  existing: topic(
    'Existing circuits',
    'What is there is judged by the rules under which it may stay, and never sized as new. It may be used, or replaced, but what was legal once is not extended. What is wrong and no part of the job is written down, and someone is told.',
    'old work',
    'three-wire',
  ),
  motor: topic(
    'Motors',
    'Conductor, breaker and disconnect read the table for the horsepower; the nameplate current sets the overload alone. The breaker may be far above the conductor, because the overload protects it. Starting current dips the lights: the drop at start is shown.',
    'compressor',
    'horsepower',
    '430',
  ),
  demand: topic(
    'Recorded demand',
    'A year of readings, or 30 days at the panel on the heavier leg, takes the place of a calculated load. The highest reading counts at 125 %, and what the job adds counts whole. Heating or cooling that did not run is added.',
    '220.87',
    'readings',
    'utility',
  ),
  fault: topic(
    'Available fault current',
    'What would flow in a dead short at the panel, by the transformer and the wire to it. Every breaker there is rated for at least that much, alone or in a combination that its label names. The utility gives the figure in a letter.',
    'AIC',
    'interrupting rating',
    '110.9',
  ),
  directory: topic(
    'Panel and directory',
    'Each breaker has a space that its label allows, two poles on both legs, and a line that a stranger understands. Free openings are closed. The space before the panel, 30 in wide and 36 in deep, stays clear.',
    'label',
    'working space',
    '408.4',
  ),
  legs: topic(
    'The two legs',
    'Rows of a panel alternate between the two hots. Circuits of 120 V lean on one of them; spread them so that both carry about the same. 240 V circuits load both alike.',
    'balance',
    'phase',
  ),
  locate: topic(
    'Call before digging',
    'The utilities mark their lines after a call, some working days before the trench. The ticket and its date are recorded here. Nobody digs before the marks are there.',
    '811',
    'ticket',
    'trench',
  ),
  'old-house': topic(
    'Old house',
    'Call before you open: paint of before 1978 may hold lead, plaster, ceilings, tile, loose fill and panel boards of before 1990 asbestos. Branch circuits of about 1965 to 1973 may be aluminum, which loosens at screws made for copper. Some makes of panel are known to fail: their breakers do not trip.',
    'lead',
    'asbestos',
    'aluminum',
    'panel',
  ),
  proof: topic(
    'Proof of the work',
    'Dead first: live, dead, live; insulation; the ground from end to end; every terminal to its torque, twice. Then live, panel to load, each reading beside its band. A reading out of its band is explained before the circuit stays on.',
    'readings',
    'torque',
    'tester',
  ),
  sources: topic(
    'Where figures come from',
    'Tables and section numbers were written down from working knowledge, twice and independently, and compared with each other, not with the printed code. A question mark stands at what is doubtful. The adopted edition and the authority decide.',
    'edition',
    'verify',
    'authority',
  ),
} satisfies Readonly<Record<string, HelpTopic>>;

/** What can be asked about. */
export type HelpId = keyof typeof HELP;

const isHelpId = (id: string): id is HelpId => id in HELP;

/** The topics in their order. */
export const HELP_IDS: readonly HelpId[] = Object.keys(HELP).filter(isHelpId);
