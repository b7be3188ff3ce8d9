import { Button } from '@mantine/core';

/** Prints the page that is shown. */
export function PrintButton() {
  return (
    <Button
      onClick={() => {
        window.print();
      }}
    >
      Print
    </Button>
  );
}
