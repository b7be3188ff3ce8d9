import { Modal } from '@mantine/core';
import type { ReactNode } from 'react';
import classes from './Dialog.module.css';

interface DialogProps {
  readonly title: string;
  readonly opened: boolean;
  readonly onClose: () => void;
  /** For tables and drawings. */
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/**
 * What opens over a page. Its head is a plain box: the library's own is a header element, which a screen
 * reader would take for a second banner of the page.
 */
export function Dialog({ title, opened, onClose, wide = false, children }: DialogProps) {
  return (
    <Modal.Root opened={opened} onClose={onClose} size={wide ? 960 : 560} transitionProps={{ duration: 0 }}>
      <Modal.Overlay />
      <Modal.Content>
        <div className={classes['head']}>
          <Modal.Title className={classes['title'] ?? ''}>{title}</Modal.Title>
          <Modal.CloseButton aria-label="Close" />
        </div>
        <Modal.Body>{children}</Modal.Body>
      </Modal.Content>
    </Modal.Root>
  );
}
