import type { ReferenceTable } from './shapes';

/** Standard metal boxes, least volume and conductor counts. */
// prettier-ignore
export const metalBoxes = {
  id: 'metal-boxes',
  title: 'Standard metal boxes, least volume and conductor counts',
  certainty: 'partly',
  rows: [
    {
      shape: 'round/octagonal',
      size: '4 x 1-1/4',
      minIn3: 12.5,
      max: { 18: 8, 16: 7, 14: 6, 12: 5, 10: 5, 8: 4, 6: 2 },
    },
    {
      shape: 'round/octagonal',
      size: '4 x 1-1/2',
      minIn3: 15.5,
      max: { 18: 10, 16: 8, 14: 7, 12: 6, 10: 6, 8: 5, 6: 3 },
    },
    {
      shape: 'round/octagonal',
      size: '4 x 2-1/8',
      minIn3: 21.5,
      max: { 18: 14, 16: 12, 14: 10, 12: 9, 10: 8, 8: 7, 6: 4 },
    },
    {
      shape: 'square',
      size: '4 x 1-1/4',
      minIn3: 18.0,
      max: { 18: 12, 16: 10, 14: 9, 12: 8, 10: 7, 8: 6, 6: 3 },
    },
    {
      shape: 'square',
      size: '4 x 1-1/2',
      minIn3: 21.0,
      max: { 18: 14, 16: 12, 14: 10, 12: 9, 10: 8, 8: 7, 6: 4 },
    },
    {
      shape: 'square',
      size: '4 x 2-1/8',
      minIn3: 30.3,
      max: { 18: 20, 16: 17, 14: 15, 12: 13, 10: 12, 8: 10, 6: 6 },
    },
    {
      shape: 'square',
      size: '4-11/16 x 1-1/4',
      minIn3: 25.5,
      max: { 18: 17, 16: 14, 14: 12, 12: 11, 10: 10, 8: 8, 6: 5 },
    },
    {
      shape: 'square',
      size: '4-11/16 x 1-1/2',
      minIn3: 29.5,
      max: { 18: 19, 16: 16, 14: 14, 12: 13, 10: 11, 8: 9, 6: 5 },
    },
    {
      shape: 'square',
      size: '4-11/16 x 2-1/8',
      minIn3: 42.0,
      max: { 18: 28, 16: 24, 14: 21, 12: 18, 10: 16, 8: 14, 6: 8 },
    },
    {
      shape: 'device',
      size: '3 x 2 x 1-1/2',
      minIn3: 7.5,
      max: { 18: 5, 16: 4, 14: 3, 12: 3, 10: 3, 8: 2, 6: 1 },
    },
    { shape: 'device', size: '3 x 2 x 2', minIn3: 10.0, max: { 18: 6, 16: 5, 14: 5, 12: 4, 10: 4, 8: 3, 6: 2 } },
    {
      shape: 'device',
      size: '3 x 2 x 2-1/4',
      minIn3: 10.5,
      max: { 18: 7, 16: 6, 14: 5, 12: 4, 10: 4, 8: 3, 6: 2 },
    },
    {
      shape: 'device',
      size: '3 x 2 x 2-1/2',
      minIn3: 12.5,
      max: { 18: 8, 16: 7, 14: 6, 12: 5, 10: 5, 8: 4, 6: 2 },
    },
    {
      shape: 'device',
      size: '3 x 2 x 2-3/4',
      minIn3: 14.0,
      max: { 18: 9, 16: 8, 14: 7, 12: 6, 10: 5, 8: 4, 6: 2 },
    },
    {
      shape: 'device',
      size: '3 x 2 x 3-1/2',
      minIn3: 18.0,
      max: { 18: 12, 16: 10, 14: 9, 12: 8, 10: 7, 8: 6, 6: 3 },
    },
    {
      shape: 'device',
      size: '4 x 2-1/8 x 1-1/2',
      minIn3: 10.3,
      max: { 18: 6, 16: 5, 14: 5, 12: 4, 10: 4, 8: 3, 6: 2 },
    },
    {
      shape: 'device',
      size: '4 x 2-1/8 x 1-7/8',
      minIn3: 13.0,
      max: { 18: 8, 16: 7, 14: 6, 12: 5, 10: 5, 8: 4, 6: 2 },
    },
    {
      shape: 'device',
      size: '4 x 2-1/8 x 2-1/8',
      minIn3: 14.5,
      max: { 18: 9, 16: 8, 14: 7, 12: 6, 10: 5, 8: 4, 6: 2 },
    },
    {
      shape: 'masonry box/gang',
      size: '3-3/4 x 2 x 2-1/2',
      minIn3: 14.0,
      max: { 18: 9, 16: 8, 14: 7, 12: 6, 10: 5, 8: 4, 6: 2 },
    },
    {
      shape: 'masonry box/gang',
      size: '3-3/4 x 2 x 3-1/2',
      minIn3: 21.0,
      max: { 18: 14, 16: 12, 14: 10, 12: 9, 10: 8, 8: 7, 6: 4 },
    },
    {
      shape: 'FS single cover/gang',
      size: 'min depth 1-3/4',
      minIn3: 13.5,
      max: { 18: 9, 16: 7, 14: 6, 12: 6, 10: 5, 8: 4, 6: 2 },
    },
    {
      shape: 'FD single cover/gang',
      size: 'min depth 2-3/8',
      minIn3: 18.0,
      max: { 18: 12, 16: 10, 14: 9, 12: 8, 10: 7, 8: 6, 6: 3 },
    },
    {
      shape: 'FS multiple cover/gang',
      size: 'min depth 1-3/4',
      minIn3: 18.0,
      max: { 18: 12, 16: 10, 14: 9, 12: 8, 10: 7, 8: 6, 6: 3 },
    },
    {
      shape: 'FD multiple cover/gang',
      size: 'min depth 2-3/8',
      minIn3: 24.0,
      max: { 18: 16, 16: 13, 14: 12, 12: 10, 10: 9, 8: 8, 6: 4 },
    },
  ],
} as const satisfies ReferenceTable;
