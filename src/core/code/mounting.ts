/** Highest center of a handle above the floor: 6 ft 7 in (404.8(A)), inches. */
export const MAX_HANDLE_IN = 79;
