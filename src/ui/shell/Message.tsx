import type { ReactNode } from 'react';

interface MessageProps {
  readonly title: string;
  readonly children?: ReactNode;
}

/** A page that only says how things stand. */
export function Message({ title, children }: MessageProps) {
  return (
    <main style={{ padding: 32, maxWidth: 620 }}>
      <h1 style={{ fontSize: 20, lineHeight: '24px', fontWeight: 650, marginBottom: 8 }}>{title}</h1>
      <p>{children}</p>
    </main>
  );
}
