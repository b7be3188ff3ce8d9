import { afterEach, describe, expect, test, vi } from 'vitest';
import { pageFile } from '../../src/ui/files/pageFile';
import { shareFile } from '../../src/ui/files/shareFile';

/** Clicks on links to be downloaded, by the name of their file. */
const downloads: string[] = [];
HTMLAnchorElement.prototype.click = function click(this: HTMLAnchorElement) {
  downloads.push(this.download);
};
URL.createObjectURL = () => 'blob:here';
URL.revokeObjectURL = () => undefined;

const phone = (share: (data: ShareData) => Promise<void>, takes = true) => {
  const asked = vi.fn(share);
  Object.assign(navigator, { share: asked, canShare: () => takes });
  return asked;
};

afterEach(() => {
  downloads.length = 0;
  Reflect.deleteProperty(navigator, 'share');
  Reflect.deleteProperty(navigator, 'canShare');
  document.body.innerHTML = '';
});

describe('sharing a file', () => {
  test('goes to the share sheet with its name and what is in it', async () => {
    const share = phone(() => Promise.resolve());
    await shareFile('{"a":1}', 'job.pasture.txt', 'text/plain');
    const [file] = share.mock.calls[0]?.[0]?.files ?? [];
    expect(file?.name).toBe('job.pasture.txt');
    expect(file?.size).toBe(7);
    expect(downloads).toEqual([]);
  });

  test('is a download where there is no share sheet, and where it does not take files', async () => {
    await shareFile('x', 'one.html', 'text/html');
    phone(() => Promise.resolve(), false);
    await shareFile('x', 'two.html', 'text/html');
    expect(downloads).toEqual(['one.html', 'two.html']);
  });

  test('closed by hand it does nothing, refused it is a download', async () => {
    phone(() => Promise.reject(new DOMException('closed', 'AbortError')));
    await shareFile('x', 'closed.html', 'text/html');
    phone(() => Promise.reject(new DOMException('no', 'NotAllowedError')));
    await shareFile('x', 'refused.html', 'text/html');
    expect(downloads).toEqual(['refused.html']);
  });
});

describe('papers as one page', () => {
  test('hold what is on them and their styles, and fetch nothing', () => {
    document.head.innerHTML =
      '<style>@font-face { font-family: Words; src: url(words.woff2); } .sheet { color: black; }</style>';
    document.body.innerHTML = '<article class="sheet"><h1>Tub</h1></article><article>Kiln</article>';
    const page = pageFile('Orchard & <Lane>', [...document.querySelectorAll('article')]);
    const read = new DOMParser().parseFromString(page, 'text/html');
    expect(read.title).toBe('Orchard & <Lane>');
    expect(read.querySelectorAll('article')).toHaveLength(2);
    expect(read.querySelector('style')?.textContent).toContain('.sheet');
    expect(page).not.toContain('url(');
  });
});
