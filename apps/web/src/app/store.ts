import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from '../api/api.ts';
import { behindSlice } from '../api/behindSlice.ts';
import { planSlice } from '../session/planSlice.ts';
import { wishesSlice } from '../session/wishesSlice.ts';
import { runOutboxSlice } from '../run/runOutboxSlice.ts';
import { platesSlice } from '../stock/platesSlice.ts';
import { walkSlice } from '../help/walkSlice.ts';
import { weekDraftSlice } from '../week/weekDraftSlice.ts';
import { chosenSessionSlice } from './chosenSessionSlice.ts';
import { lastChangeSlice } from './lastChangeSlice.ts';
import { openCommandsSlice } from './openCommandsSlice.ts';

export const store = configureStore({
  reducer: {
    [api.reducerPath]: api.reducer,
    [behindSlice.name]: behindSlice.reducer,
    [chosenSessionSlice.name]: chosenSessionSlice.reducer,
    [lastChangeSlice.name]: lastChangeSlice.reducer,
    [openCommandsSlice.name]: openCommandsSlice.reducer,
    [platesSlice.name]: platesSlice.reducer,
    [walkSlice.name]: walkSlice.reducer,
    [weekDraftSlice.name]: weekDraftSlice.reducer,
    [planSlice.name]: planSlice.reducer,
    [wishesSlice.name]: wishesSlice.reducer,
    [runOutboxSlice.name]: runOutboxSlice.reducer,
  },
  middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }).concat(api.middleware),
});

export type RootState = ReturnType<typeof store.getState>;
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
