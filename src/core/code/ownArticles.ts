/** Articles whose own rule lets the device exceed the ampacity of the conductor (240.4(G)). */
export type OwnArticle = 'motor' | 'hermetic' | 'welder';
