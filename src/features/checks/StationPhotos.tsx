import type { Circuit } from '../../core/circuit/circuitSchema';
import { PhotoStrip } from '../job/PhotoStrip';
import classes from './checks.module.css';

interface StationPhotosProps {
  readonly jobId: string;
  readonly circuit: Circuit;
  readonly stations: readonly { readonly letter: string; readonly name: string }[];
  /** The station that a phone shows. */
  readonly shown: string;
}

/** Photographs of every station: open, landed, before its cover goes on. */
export function StationPhotos({ jobId, circuit, stations, shown }: StationPhotosProps) {
  return (
    <section className={classes['photos']} aria-label="Photographs by station">
      <h2>Photographs, covers off</h2>
      <ul>
        {stations.map(({ letter, name }) => (
          <li key={letter} data-hidden={letter !== shown || undefined}>
            <b>
              {letter} {name}
            </b>
            <PhotoStrip
              photos={circuit.photos.filter(({ station }) => station === letter)}
              jobId={jobId}
              of={{ circuitId: circuit.id }}
              station={letter}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
