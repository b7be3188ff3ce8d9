import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';

/** Field book, dim attic, full sun. */
export const THEMES = ['paper', 'attic', 'noon'] as const;
export type Theme = (typeof THEMES)[number];

interface ThemeChoice {
  readonly theme: Theme;
  readonly setTheme: (theme: Theme) => void;
}

const KEY = 'pasture-theme';

const current = (): Theme =>
  THEMES.find((each) => each === document.documentElement.dataset['theme']) ?? 'paper';

const ThemeContext = createContext<ThemeChoice>({ theme: 'paper', setTheme: () => undefined });

const keep = (theme: Theme): void => {
  document.documentElement.dataset['theme'] = theme;
  try {
    localStorage.setItem(KEY, theme);
  } catch {
    // Full or forbidden storage: the theme then lasts as long as the page.
  }
};

/** Holds the theme. The first one was set on the page before it was painted. */
export function ThemeProvider({ children }: { readonly children: ReactNode }) {
  const [theme, setState] = useState(current);
  const choice = useMemo(
    () => ({
      theme,
      setTheme: (next: Theme) => {
        keep(next);
        setState(next);
      },
    }),
    [theme],
  );
  return <ThemeContext value={choice}>{children}</ThemeContext>;
}

/** The theme that is on, and the way to another. */
export const useTheme = (): ThemeChoice => useContext(ThemeContext);
