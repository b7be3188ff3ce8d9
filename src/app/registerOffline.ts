import { announceVersion } from '../ui/shell/newVersion';

/** Lets the application start without a network after the first visit, and says when a new build waits. */
export function registerOffline(): void {
  // A part of this build that is gone: the server has a newer one.
  window.addEventListener('vite:preloadError', (event) => {
    event.preventDefault();
    announceVersion(() => {
      window.location.reload();
    });
  });
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  void import('virtual:pwa-register').then(({ registerSW }) => {
    const update = registerSW({
      immediate: true,
      onNeedRefresh: () => {
        announceVersion(() => void update(true));
      },
    });
  });
}
