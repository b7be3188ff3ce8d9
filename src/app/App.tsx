import { MantineProvider } from '@mantine/core';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { store } from '../store/store';
import { NewVersion } from '../ui/shell/NewVersion';
import { ThemeProvider, useTheme } from '../ui/theme/ThemeProvider';
import { mantineTheme, tokenVariables } from './mantineTheme';
import { router } from './router';

function Themed() {
  const { theme } = useTheme();
  return (
    <MantineProvider
      theme={mantineTheme}
      cssVariablesResolver={tokenVariables}
      forceColorScheme={theme === 'attic' ? 'dark' : 'light'}
    >
      <NewVersion />
      <RouterProvider router={router} />
    </MantineProvider>
  );
}

/** The application: state, theme and pages. */
export function App() {
  return (
    <Provider store={store}>
      <ThemeProvider>
        <Themed />
      </ThemeProvider>
    </Provider>
  );
}
