// The floor that first loads are measured against: the frameworks with one card on a page, and nothing else.
import { AppShell, Button, Card, Group, MantineProvider, Stack, Text, TextInput, Title } from '@mantine/core';
import { configureStore, createSlice } from '@reduxjs/toolkit';
import { createRoot } from 'react-dom/client';
import { Provider, useDispatch, useSelector } from 'react-redux';
import { createBrowserRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';

const slice = createSlice({
  name: 'count',
  initialState: { value: 0 },
  reducers: { up: (state) => ({ value: state.value + 1 }) },
});
const store = configureStore({ reducer: { count: slice.reducer } });

function Page() {
  const value = useSelector((state: ReturnType<typeof store.getState>) => state.count.value);
  const dispatch = useDispatch();
  return (
    <AppShell>
      <AppShell.Main>
        <Stack>
          <Card>
            <Group>
              <Title order={1}>Bare</Title>
              <TextInput label="Field" />
              <Button onClick={() => dispatch(slice.actions.up())}>Up</Button>
              <Text>{value}</Text>
            </Group>
          </Card>
        </Stack>
      </AppShell.Main>
    </AppShell>
  );
}

const router = createBrowserRouter([{ path: '*', Component: Page }]);
const root = document.getElementById('root');
if (root !== null) {
  createRoot(root).render(
    <Provider store={store}>
      <MantineProvider>
        <RouterProvider router={router} />
      </MantineProvider>
    </Provider>,
  );
}
