import { createContext, useContext } from 'react';

export const KitchenIdContext = createContext<string>('');

/** The kitchen that this browser looks at. */
export const useKitchenId = (): string => useContext(KitchenIdContext);
