import type { CatalogEntry } from './catalogEntry';
import { checksCatalog } from './checksCatalog';
import { circuitCatalog } from './circuitCatalog';
import { daysCatalog } from './daysCatalog';
import type { AnyFinding, FindingCode } from './finding';
import { panelCatalog } from './panelCatalog';
import { routeCatalog } from './routeCatalog';
import { serviceCatalog } from './serviceCatalog';
import type { Severity } from './severity';
import { waterCatalog } from './waterCatalog';

/** Every finding by its stable code. Sentences are in core/wording, fixes in core/fixes. */
export const catalog: Readonly<Record<FindingCode, CatalogEntry<object, Severity>>> = {
  ...circuitCatalog,
  ...routeCatalog,
  ...serviceCatalog,
  ...panelCatalog,
  ...waterCatalog,
  ...daysCatalog,
  ...checksCatalog,
};

/** The open findings that a survey answers. */
export const surveyed = (open: readonly AnyFinding[]): readonly AnyFinding[] =>
  open.filter(({ code }) => catalog[code].surveyed);
