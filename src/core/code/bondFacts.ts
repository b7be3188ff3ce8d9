/** What has to be known before anybody may say what happens to a bond between neutral and ground. */
export type BondUnknown = 'building' | 'wires' | 'ground' | 'age' | 'path' | 'gfpe';
