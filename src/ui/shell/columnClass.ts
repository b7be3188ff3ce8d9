import columns from './columns.module.css';

/** A part of the columns of a stage. */
type Part = 'board' | 'start' | 'list' | 'middle' | 'side' | 'legend' | 'rows' | 'empty' | 'waiting' | 'foot';

/** The class of a part of the columns of a stage, with what the stage adds to it. */
export const columnClass = (part: Part, own = ''): string => `${columns[part] ?? ''} ${own}`.trim();
