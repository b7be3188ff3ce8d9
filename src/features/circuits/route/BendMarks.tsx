import { useElementSize } from '@mantine/hooks';
import { useState } from 'react';
import {
  bendMarks,
  OFFSET_ANGLES,
  offsetBend,
  TAKE_UP_IN,
  type BendTask,
  type MarkedBend,
} from '../../../core/route/bendMarks';
import { bendName, markName, tapeInches } from '../../../core/wording/routeWords';
import { parseNumber, printNumber as n } from '../../../core/units/number';
import { TRADE_SIZES, type TradeSize } from '../../../core/units/tradeSize';
import { BendPicture } from '../../../ui/pictures/BendPicture';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { QuantityField } from '../../../ui/fields/QuantityField';
import classes from './route.module.css';

type Kind = BendTask['kind'];

interface BendInput {
  readonly kind: Kind;
  readonly angleDeg: number;
  readonly riseIn: number;
  readonly toIn: number;
  readonly widthIn: number;
  readonly travelIn: number;
  readonly takeUpIn: number;
}

const KINDS: readonly Kind[] = ['offset', 'kick', 'saddle-3', 'saddle-4', 'stub', 'back-to-back'];

/** Which figures each kind of bend asks for besides its rise. */
const ASKS: Readonly<Record<Kind, readonly (keyof BendInput)[]>> = {
  offset: ['angleDeg', 'riseIn', 'toIn'],
  kick: ['riseIn', 'travelIn', 'toIn'],
  'saddle-3': ['riseIn', 'toIn'],
  'saddle-4': ['angleDeg', 'riseIn', 'widthIn', 'toIn'],
  stub: ['riseIn', 'takeUpIn'],
  'back-to-back': ['toIn'],
};

const LABEL: Readonly<Partial<Record<keyof BendInput, string>>> = {
  riseIn: 'Rise',
  toIn: 'From the end to it',
  widthIn: 'Width to pass',
  travelIn: 'Along the raceway',
  takeUpIn: 'Take-up of the bender',
};

/** To which side each bend goes, in order. */
const TURNS: Readonly<Record<Kind, readonly (1 | -1)[]>> = {
  offset: [1, -1],
  kick: [1],
  'saddle-3': [1, -1, 1],
  'saddle-4': [1, -1, -1, 1],
  stub: [1],
  'back-to-back': [1],
};

const taskOf = (input: BendInput): BendTask => {
  const { kind, angleDeg, riseIn, toIn, widthIn, travelIn, takeUpIn } = input;
  switch (kind) {
    case 'offset':
      return { kind, angleDeg, riseIn, toIn };
    case 'kick':
      return { kind, riseIn, travelIn, toIn };
    case 'saddle-3':
      return { kind, riseIn, toIn };
    case 'saddle-4':
      return { kind, angleDeg, riseIn, widthIn, toIn };
    case 'stub':
      return { kind, riseIn, takeUpIn };
    case 'back-to-back':
      return { kind, betweenIn: toIn };
  }
};

const range = { min: 0.25, max: 480, units: ['in', '"', 'inches'], shown: 'in' };

interface AskProps {
  readonly input: BendInput;
  readonly onInput: (input: BendInput) => void;
}

function Asked({ input, onInput }: AskProps) {
  return ASKS[input.kind].map((key) =>
    key === 'angleDeg' ? (
      <ChoiceField
        key={key}
        label="Angle"
        value={input.angleDeg}
        choices={OFFSET_ANGLES.map((value) => ({ value, label: `${value}°` }))}
        onChoose={(angleDeg) => {
          onInput({ ...input, angleDeg });
        }}
      />
    ) : (
      <QuantityField<number>
        key={key}
        label={LABEL[key] ?? key}
        value={Number(input[key])}
        print={(value) => `${n(value, 3)} in`}
        parse={(text) => parseNumber(text, range)}
        onValue={(value) => {
          onInput({ ...input, [key]: value });
        }}
      />
    ),
  );
}

function Marks({ bend, input }: { readonly bend: MarkedBend; readonly input: BendInput }) {
  const { multiplier } = offsetBend(input.angleDeg, input.riseIn);
  return (
    <table className={classes['figures']}>
      <caption>Marks from the end of the raceway</caption>
      <tbody>
        {bend.marks.map(({ atIn, degrees, what }, at) => (
          <tr key={at}>
            <th scope="row">{markName[what]}</th>
            <td className="fig">{tapeInches(atIn)}</td>
            <td className="fig">{n(degrees, 1)}°</td>
          </tr>
        ))}
        <tr>
          <th scope="row">Shrinks</th>
          <td className="fig">{tapeInches(bend.shrinkIn)}</td>
          <td>
            {input.kind === 'offset' || input.kind === 'saddle-4' ? `× ${n(multiplier)} between marks` : ''}
          </td>
        </tr>
        <tr>
          <th scope="row">Of the 360°</th>
          <td className="fig">{n(bend.degrees, 1)}°</td>
          <td>between pull points</td>
        </tr>
      </tbody>
    </table>
  );
}

const takeUpOf = (trade: TradeSize | null): number => (trade === null ? 6 : (TAKE_UP_IN[trade] ?? 6));

/** Marks to make for a bend by hand, and how the raceway will lie. */
export function BendMarks({ trade }: { readonly trade: TradeSize | null }) {
  const { ref, width } = useElementSize();
  const [input, setInput] = useState<BendInput>({
    kind: 'offset',
    angleDeg: 30,
    riseIn: 6,
    toIn: 36,
    widthIn: 8,
    travelIn: 24,
    takeUpIn: takeUpOf(trade),
  });
  const bend = bendMarks(taskOf(input));
  const near = bend.marks.some(({ atIn }) => atIn < 0);
  return (
    <div ref={ref}>
      <div className={classes['row']}>
        <ChoiceField
          label="Bend"
          value={input.kind}
          choices={KINDS.map((value) => ({ value, label: bendName[value] }))}
          onChoose={(kind) => {
            setInput({ ...input, kind });
          }}
        />
        <Asked input={input} onInput={setInput} />
      </div>
      {near && (
        <p className={classes['near']}>
          The first mark falls before the end of the raceway: use a steeper angle, or start farther from the
          end.
        </p>
      )}
      {width > 0 && !near && (
        <BendPicture
          bend={bend}
          turns={TURNS[input.kind]}
          riseIn={input.riseIn}
          widthPx={Math.min(width, 560)}
        />
      )}
      <Marks bend={bend} input={input} />
      <p className="second">
        Take-up by hand benders of thin-wall tubing:{' '}
        {TRADE_SIZES.filter((each) => TAKE_UP_IN[each] !== undefined)
          .map((each) => `${each} ${TAKE_UP_IN[each] ?? ''} in`)
          .join(', ')}
        . A bender&apos;s own mark goes before it.
      </p>
    </div>
  );
}
