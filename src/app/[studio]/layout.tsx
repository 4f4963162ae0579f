import { notFound } from 'next/navigation';
import { Suspense, type ReactNode } from 'react';
import { OwnPoses } from '@/screens/shell/OwnPoses';
import { Shell } from '@/screens/shell/Shell';
import { StudioProvider } from '@/screens/shell/studio-context';

export default async function StudioLayout({
  children,
  params,
}: {
  children: ReactNode;
  params: Promise<{ studio: string }>;
}) {
  const { studio } = await params;
  if (studio !== 'studio' && studio !== 'demo') notFound();
  return (
    <StudioProvider name={studio}>
      <Shell>
        <OwnPoses>
          <Suspense>{children}</Suspense>
        </OwnPoses>
      </Shell>
    </StudioProvider>
  );
}
