import { ROW, UNDER_DEVICE } from '../../../core/drawing/wiringLevels';
import type { DrawnDevice, WiringScene } from '../../../core/drawing/wiringScene';
import classes from './wiring.module.css';

interface BodyProps {
  readonly scene: WiringScene;
  readonly device: DrawnDevice;
}

/** The middle of each pole of a device. */
const poleRows = ({ scene, device }: BodyProps): readonly number[] =>
  Array.from({ length: scene.enclosure.device.poles }, (_, at) => device.top + UNDER_DEVICE + at * ROW);

/** The handles of a breaker, tied where it has more than one pole, with its rating. */
function Handles({ scene, device }: BodyProps) {
  const { poles, amps, gfci } = scene.enclosure.device;
  const rows = poleRows({ scene, device });
  const x = device.left + 12;
  const middle = ((rows[0] ?? 0) + (rows.at(-1) ?? 0)) / 2;
  return (
    <>
      {poles > 1 && <path className={classes['tie']} d={`M${x + 17} ${rows[0] ?? 0}V${rows.at(-1) ?? 0}`} />}
      {rows.map((y) => (
        <g key={y}>
          <rect className={classes['slot']} x={x} y={y - 8} width={24} height={16} />
          <rect className={classes['handle']} x={x + 11} y={y - 8} width={13} height={16} />
        </g>
      ))}
      {amps !== null && (
        <text className={classes['rating']} x={device.right - 8} y={middle + 2} textAnchor="end">
          {amps}
        </text>
      )}
      {gfci && (
        <text className={classes['kind']} x={device.right - 8} y={middle + 17} textAnchor="end">
          GFCI
        </text>
      )}
    </>
  );
}

/** The blades of a switch, open: it is worked on with its load off. */
function Blades({ scene, device }: BodyProps) {
  const rows = poleRows({ scene, device });
  return (
    <>
      {rows.map((y) => (
        <path
          key={y}
          className={classes['blade']}
          d={`M${device.left} ${y}h20l40 -13M${device.right} ${y}h-18`}
        />
      ))}
      <text
        className={classes['kind']}
        x={(device.left + device.right) / 2}
        y={device.bottom - 6}
        textAnchor="middle"
      >
        off
      </text>
    </>
  );
}

function TestButton({ device }: Pick<BodyProps, 'device'>) {
  const middle = (device.left + device.right) / 2;
  return (
    <>
      <rect className={classes['slot']} x={middle - 20} y={device.top + 18} width={40} height={16} />
      <text className={classes['kind']} x={middle} y={device.top + 30} textAnchor="middle">
        test
      </text>
      <text className={classes['kind']} x={middle} y={device.top + 52} textAnchor="middle">
        GFCI
      </text>
    </>
  );
}

/** What bears the terminals: a breaker, a switch, a dead-front device, or the block of an appliance. */
export function DeviceBody({ scene, device }: BodyProps) {
  const { kind } = scene.enclosure;
  const breaker =
    kind === 'panel' || kind === 'spa-enclosure' || (kind === 'spa-panel' && scene.enclosure.load.length > 0);
  return (
    <g>
      <rect
        className={classes['body']}
        x={device.left}
        y={device.top}
        width={device.right - device.left}
        height={device.bottom - device.top}
      />
      {breaker && <Handles scene={scene} device={device} />}
      {kind === 'disconnect' && <Blades scene={scene} device={device} />}
      {kind === 'dead-front' && <TestButton device={device} />}
    </g>
  );
}

/** The buses of a panel and the main above them, whose lugs stay live. */
export function Buses({ device, service }: { readonly device: DrawnDevice; readonly service: boolean }) {
  const [a, b] = [device.left - 44, device.left - 22];
  return (
    <g aria-hidden="true">
      <rect className={classes['main']} x={a - 14} y={14} width={62} height={26} />
      <path
        className={classes['busA']}
        d={`M${a} 40V${device.bottom + 14}M${a} ${device.top + UNDER_DEVICE}H${device.left}`}
      />
      <path className={classes['busB']} d={`M${b - 4} 40V${device.bottom + 14}h8V40`} />
      {device.bottom - device.top > 2 * UNDER_DEVICE + 20 && (
        <path
          className={classes['busA']}
          d={`M${b + 4} ${device.top + UNDER_DEVICE + ROW}H${device.left}`}
          strokeWidth={2}
        />
      )}
      <text className={classes['live']} x={a + 56} y={25}>
        lugs stay live
      </text>
      <text className={classes['note']} x={a + 56} y={39}>
        {service ? 'main off or on' : 'feeder on'}
      </text>
      <text className={classes['kind']} x={a - 12} y={device.top - 4} textAnchor="start">
        A
      </text>
      <text className={classes['kind']} x={b + 8} y={device.top - 4}>
        B
      </text>
    </g>
  );
}
