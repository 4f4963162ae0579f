import { render, screen, fireEvent, within, type RenderResult } from '@testing-library/react';
import { SnackbarProvider } from 'notistack';
import type { ReactNode } from 'react';
import type { StudioName } from '@/store/studio';
import { StudioProvider } from './studio-context';

/** Shows a part of a screen in a studio, for tests. */
export const inStudio = (children: ReactNode, name: StudioName = 'demo'): RenderResult =>
  render(<TestStudio name={name}>{children}</TestStudio>);

/** The studio round it, where a part is shown again. */
export const TestStudio = ({ children, name = 'demo' }: { children: ReactNode; name?: StudioName }) => (
  <StudioProvider name={name}>
    <SnackbarProvider>{children}</SnackbarProvider>
  </StudioProvider>
);

/** Chooses from a list that opens. */
export function pick(box: HTMLElement, name: string): void {
  fireEvent.mouseDown(box);
  fireEvent.click(within(screen.getByRole('listbox')).getByRole('option', { name }));
}
