/** A cable staple over a figure: it was pinned by hand. */
export function PinMark() {
  return (
    <svg width="25" height="19" viewBox="0 0 25 19" aria-hidden="true">
      <path d="M1 0H24V4H1Z" fill="currentColor" />
      <path d="M2 3V18M23 3V18" stroke="currentColor" strokeWidth="1.6" fill="none" />
    </svg>
  );
}
