import { Autocomplete } from '@mantine/core';
import { useId, useRef, useState } from 'react';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import { readRoute } from '../../../core/typing/readRoute';
import { printRoute, routeCompletions, withTypedRoute } from '../../../core/typing/routeText';
import { useDesign } from '../../../store/useDesign';
import { useJobEditor } from '../../../store/useJobEditor';
import classes from './route.module.css';

interface Visit {
  /** The circuit as it was when the field was entered: what is typed stands for all of its route. */
  readonly start: Circuit;
  readonly key: string;
}

/** The route as a line of words. What is understood is drawn at once; what is not is kept and named. */
export function RouteLine({ circuit }: { readonly circuit: Circuit }) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const design = useDesign();
  const [typed, setTyped] = useState<string | null>(null);
  const [inside, setInside] = useState(false);
  const visit = useRef<Visit | null>(null);
  const text = typed ?? printRoute(circuit);
  const read = readRoute(text, circuit.startHeightFt);
  const options = typed === null || !inside ? [] : routeCompletions(text);
  const onText = (next: string): void => {
    setTyped(next);
    visit.current ??= { start: circuit, key: `route ${circuit.id} ${crypto.randomUUID()}` };
    const { start, key } = visit.current;
    const understood = readRoute(next, start.startHeightFt);
    if (!understood.ok) return;
    const routed = withTypedRoute(start, understood.segments, design, () => crypto.randomUUID());
    replaceCircuit({ ...circuit, run: routed.run }, 'Type the route', key);
  };
  const id = useId();
  const onLeave = (): void => {
    setInside(false);
    visit.current = null;
    if (read.ok) setTyped(null);
  };
  return (
    <div className={classes['line']}>
      <label htmlFor={id}>The route, typed</label>
      <Autocomplete
        id={id}
        placeholder="nm 38 joists, box, emt 12 down wall, pvc 45 trench 18, lfnc 4"
        value={text}
        title={text}
        onChange={onText}
        data={[...options]}
        dropdownOpened={options.length > 0}
        filter={({ options }) => options}
        disabled={!canWrite}
        maxLength={600}
        spellCheck={false}
        comboboxProps={{ withinPortal: false }}
        error={typed !== null && !read.ok ? read.message : undefined}
        onFocus={() => {
          setInside(true);
        }}
        onBlur={onLeave}
        onKeyDown={(event) => {
          if (event.key !== 'Escape' || typed === null) return;
          event.stopPropagation();
          setTyped(null);
        }}
      />
    </div>
  );
}
