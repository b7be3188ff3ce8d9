import type { DrawnWire, WiringScene } from '../../../core/drawing/wiringScene';
import { terminalName } from '../../../core/wording/terminals';
import { Bars } from './Bars';
import { Buses, DeviceBody } from './DeviceBody';
import { Screw } from './Screw';
import { WireLetters, WireStroke } from './WireStroke';
import classes from './wiring.module.css';

const FOOT = 12;
const CAP_WORDS = 24;

export interface EnclosurePictureProps {
  readonly scene: WiringScene;
  readonly label: string;
  /** Torque that was applied, by end and purpose of the conductor. */
  readonly torques: Readonly<Record<string, number>>;
  /** The conductor that is looked at, by end and purpose. */
  readonly selected: string | null;
  /** The next one to land. */
  readonly next: string | null;
  readonly onSelect: (wire: DrawnWire) => void;
}

/** Where the letters of a conductor stand: on its level part, or beside its end where it is capped. */
function lettersAt({ path, side, capped }: DrawnWire): { readonly x: number; readonly y: number } {
  const [end, before] = [path.at(-1) ?? { x: 0, y: 0 }, path.at(-2) ?? { x: 0, y: 0 }];
  if (capped) return { x: end.x, y: end.y + CAP_WORDS };
  const away = side === 'left' ? -1 : 1;
  return { x: end.x + away * Math.min(36, Math.abs(before.x - end.x) - 12), y: end.y };
}

function Wires({ scene, torques, selected, next, onSelect }: EnclosurePictureProps) {
  const named = scene.enclosure.kind === 'appliance' || scene.enclosure.kind === 'receptacle';
  return (
    <>
      {scene.wires.map((wire) => (
        <WireStroke
          key={wire.key}
          letters={wire.entered.landing.letters}
          points={wire.path}
          highlighted={selected === wire.key}
        />
      ))}
      {scene.wires.map((wire) => {
        const { landing } = wire.entered;
        return (
          <g key={wire.key}>
            {landing.role === 'pigtail' ? (
              <text
                className={classes['note']}
                x={(wire.path[0]?.x ?? 0) + 10}
                y={(wire.path[0]?.y ?? 0) + 22}
              >
                pigtail of the device
              </text>
            ) : (
              <WireLetters {...landing} at={lettersAt(wire)} away={wire.side === 'left' ? -1 : 1} />
            )}
            <Screw
              wire={wire}
              applied={torques[wire.key]}
              selected={selected === wire.key}
              next={next === wire.key}
              onSelect={landing.terminal === 'capped' ? undefined : onSelect}
              name={named ? terminalName[landing.terminal] : null}
            />
          </g>
        );
      })}
    </>
  );
}

function Splices({ scene }: Pick<EnclosurePictureProps, 'scene'>) {
  return scene.splices.map(({ key, line, load, at }) => (
    <g key={key}>
      {[line, load].map(
        (strand, side) =>
          strand && (
            <g key={side}>
              <WireStroke letters={strand.letters} points={strand.path} />
              <WireLetters
                {...strand}
                at={{ x: at.x + (side === 0 ? -40 : 40), y: at.y }}
                away={side === 0 ? -1 : 1}
              />
            </g>
          ),
      )}
      <path className={classes['connector']} d={`M${at.x - 9} ${at.y - 8}h18l-4 16h-10z`} />
    </g>
  ));
}

/** An enclosure of a circuit drawn as what it is, with every conductor from its entry to its screw. */
export function EnclosurePicture(props: EnclosurePictureProps) {
  const { scene, label } = props;
  const { width, height, device, enclosure } = scene;
  const isPanel = enclosure.line.length === 0 && enclosure.load.length > 0;
  return (
    <svg
      className={classes['enclosure']}
      viewBox={`0 0 ${width} ${height + FOOT}`}
      role="group"
      aria-label={label}
    >
      <rect className={classes['wall']} x={1} y={1} width={width - 2} height={height - 2} />
      {isPanel && device && <Buses device={device} service={enclosure.bond === 'in'} />}
      <Bars scene={scene} />
      {device && <DeviceBody scene={scene} device={device} />}
      <Wires {...props} />
      <Splices scene={scene} />
      {scene.entries.map(({ side, from, to }) => (
        <rect key={side} className={classes['hub']} x={from} y={height - 4} width={to - from} height={14} />
      ))}
    </svg>
  );
}
