import { useRef, type ReactNode } from 'react';

interface FilePickerProps {
  /** What files it offers, as the browser writes it. */
  readonly accept: string;
  readonly label: string;
  /** Whether a phone opens its camera. */
  readonly camera?: boolean;
  readonly onFile: (file: File) => void;
}

/** A hidden file input to stand in the page, and what opens it: the same file may be chosen twice. */
export function useFilePicker({ accept, label, camera = false, onFile }: FilePickerProps): {
  readonly input: ReactNode;
  readonly choose: () => void;
} {
  const ref = useRef<HTMLInputElement>(null);
  const input = (
    <input
      ref={ref}
      type="file"
      accept={accept}
      {...(camera && { capture: 'environment' as const })}
      hidden
      aria-label={label}
      onChange={(event) => {
        const file = event.currentTarget.files?.[0];
        event.currentTarget.value = '';
        if (file !== undefined) onFile(file);
      }}
    />
  );
  return {
    input,
    choose: () => {
      ref.current?.click();
    },
  };
}
