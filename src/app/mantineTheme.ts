import { createTheme, type CSSVariablesResolver } from '@mantine/core';

/** Components take their colors, faces and square corners from the tokens, whichever theme is on. */
export const mantineTheme = createTheme({
  fontFamily: 'Words, system-ui, sans-serif',
  fontFamilyMonospace: 'Figures, ui-monospace, monospace',
  defaultRadius: 0,
  fontSizes: { xs: '12px', sm: '13px', md: '14px', lg: '15px', xl: '20px' },
  focusRing: 'never',
  components: {
    TextInput: { defaultProps: { size: 'xs' } },
    NativeSelect: { defaultProps: { size: 'xs' } },
    Button: { defaultProps: { size: 'sm' } },
  },
  shadows: { xs: 'none', sm: 'none', md: '0 6px 24px rgb(0 0 0 / 18%)', lg: 'none', xl: 'none' },
});

const fromTokens = {
  '--mantine-color-white': 'var(--on-pasture)',
  '--mantine-color-body': 'var(--ground)',
  '--mantine-color-text': 'var(--ink)',
  '--mantine-color-default': 'var(--sheet)',
  '--mantine-color-default-color': 'var(--ink)',
  '--mantine-color-default-border': 'var(--rule2)',
  '--mantine-color-default-hover': 'var(--pasture-wash)',
  '--mantine-color-placeholder': 'var(--ink2)',
  '--mantine-color-dimmed': 'var(--ink2)',
  '--mantine-color-error': 'var(--stop)',
  '--mantine-color-anchor': 'var(--pasture)',
  '--mantine-primary-color-filled': 'var(--pasture)',
  '--mantine-primary-color-filled-hover': 'var(--pasture)',
  '--mantine-primary-color-contrast': 'var(--on-pasture)',
  '--mantine-primary-color-light': 'var(--pasture-wash)',
  '--mantine-primary-color-light-color': 'var(--pasture)',
};

export const tokenVariables: CSSVariablesResolver = () => ({
  variables: {},
  light: fromTokens,
  dark: fromTokens,
});
