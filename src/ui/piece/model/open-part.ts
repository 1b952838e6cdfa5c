'use client';

import { createContext, useContext } from 'react';

/** The way to another part of the open piece, from wherever one is named or drawn. */
export const OpenPart = createContext<(partId: string) => void>(() => undefined);

export const useOpenPart = () => useContext(OpenPart);
