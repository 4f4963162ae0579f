'use client';
import { createContext, useContext, type ReactNode } from 'react';
import { studioDatabase, type StudioDatabase, type StudioName } from '@/store/studio';

const Context = createContext<StudioName>('studio');

export function StudioProvider({ name, children }: { name: StudioName; children: ReactNode }) {
  return <Context value={name}>{children}</Context>;
}

/** Which studio this page shows, its database and the beginning of its addresses. */
export function useStudio(): { name: StudioName; db: StudioDatabase; base: string } {
  const name = useContext(Context);
  return { name, db: studioDatabase(name), base: `/${name}` };
}
