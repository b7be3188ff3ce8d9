import type { Environment, MethodId } from '../../code/methods';

/** What a phrase says of the run of a circuit or of what it needs. */
export type Meaning =
  | { readonly is: 'method'; readonly method: MethodId }
  | { readonly is: 'place'; readonly place: Environment; readonly room?: string; readonly method?: MethodId }
  | { readonly is: 'material'; readonly material: 'cu' | 'al' }
  | { readonly is: 'building' }
  | { readonly is: 'neutral'; readonly neutral: boolean }
  | { readonly is: 'gfci'; readonly gfci: boolean }
  | { readonly is: 'connection'; readonly connection: 'hardwired' | 'receptacle' }
  | { readonly is: 'label'; readonly label: FigureLabel }
  | { readonly is: 'plate-word'; readonly word: string }
  /** Opens the next stretch of the run. */
  | { readonly is: 'then' }
  /** What was measured last is how far the thing is from something. */
  | { readonly is: 'apart' }
  /** Belongs to no field: a note. */
  | { readonly is: 'note' }
  | { readonly is: 'joiner' };

/** What stands beside a figure and says which it is. */
export type FigureLabel = 'breaker' | 'output' | 'nameplate' | 'mca' | 'mocp' | 'size' | 'length';
