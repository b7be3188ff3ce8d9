import { configureStore, createListenerMiddleware } from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import { focusReducer } from './focusSlice';
import { jobEdited, jobReducer } from './jobSlice';
import { newsReducer } from './newsSlice';
import { persistEdit } from './persisting';
import { saveReducer } from './saveSlice';
import { tutorialReducer } from './tutorialSlice';

const listener = createListenerMiddleware();

/** The state of the application: the open job and what is looked at in it. */
export const store = configureStore({
  reducer: {
    job: jobReducer,
    save: saveReducer,
    news: newsReducer,
    focus: focusReducer,
    tutorial: tutorialReducer,
  },
  middleware: (defaults) =>
    defaults({ serializableCheck: false, immutableCheck: false }).prepend(listener.middleware),
});

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;

listener.startListening.withTypes<RootState, AppDispatch>()({
  actionCreator: jobEdited,
  effect: (_action, api) => {
    persistEdit(api.getOriginalState().job, api.getState().job);
  },
});

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppStore = useStore.withTypes<typeof store>();
export const useAppSelector = useSelector.withTypes<RootState>();
