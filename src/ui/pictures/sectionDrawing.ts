import type { FamilyId } from '../../core/appliances/registry';
import type { FigureSeverity } from '../../core/findings/severity';
import type { SectionGeometry } from '../../core/route/sectionGeometry';
import type { DrawnDisconnect } from './sectionDisconnect';
import type { SectionScale, SectionWindow } from './sectionScale';
import type { DrawnZone } from './sectionZones';

/** What is written beside a segment. */
export interface SegmentLabel {
  /** Conductor and method: "NM-B 6/2", "6 AWG in 3/4 EMT". */
  readonly name: string;
  readonly severity: FigureSeverity;
  /** The worst finding of the segment in a few words. */
  readonly trouble: string | null;
  /** Share of the drawn length at which each support stands, 0 to 1. */
  readonly supports: readonly number[];
}

/** What is written at a station. */
export interface StationNote {
  readonly name: string;
  readonly note: string;
}

export interface RunSectionProps {
  readonly geometry: SectionGeometry;
  readonly labels: readonly SegmentLabel[];
  readonly panelLabel: string;
  readonly applianceLabel: string;
  readonly applianceAmps: string;
  /** What stands at the end, and whether by plug and receptacle. */
  readonly family: FamilyId;
  readonly plugged: boolean;
  /** Whether what stands between panel and appliance is a spa panel. */
  readonly spaPanel: boolean;
  /** A disconnect that the run does not name as a station. */
  readonly disconnect: DrawnDisconnect | null;
  readonly highlighted: number | null;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Where each station's flag stands on the tape below, pixels from the left. */
  readonly flagsPx?: readonly number[];
  readonly onSegment?: (index: number) => void;
  /** The part of the run that fills the picture; all of it where it is left out. */
  readonly window?: SectionWindow | undefined;
  /** What is written at the stations between the ends. */
  readonly stationNotes?: readonly (StationNote | null)[];
}

/** A section with the scale that it is drawn to. */
export interface DrawnSection extends RunSectionProps {
  readonly scale: SectionScale;
  readonly zones: readonly DrawnZone[];
}
