import { Button } from '@mantine/core';

interface ShareButtonProps {
  /** What is shared, and the name of its file. */
  readonly title: string;
}

async function share(title: string): Promise<void> {
  const [{ pageFile }, { shareFile }] = await Promise.all([
    import('../files/pageFile'),
    import('../files/shareFile'),
  ]);
  const papers = [...document.querySelectorAll('article')];
  await shareFile(pageFile(title, papers), `${title.replaceAll(/[^\p{L}\d]+/gu, '-')}.html`, 'text/html');
}

/** Hands the papers of this page to the share sheet of the phone, or to the downloads, as one file. */
export const ShareButton = ({ title }: ShareButtonProps) => (
  <Button variant="default" onClick={() => void share(title)}>
    Share
  </Button>
);
