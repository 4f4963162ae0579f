'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { copyOf } from '@/core/pose-editor/edit';
import type { Shape } from '@/core/poses';
import { savePose } from '@/store/changes';
import { newId, now } from '@/store/studio';
import { useOwnPoses } from '../shell/OwnPoses';
import { useStudio } from '../shell/studio-context';

/** Opens the teacher's own pose on the bench, or a copy of one that ships. */
export function ToBench({ shape }: { shape: Shape }) {
  const { db, base } = useStudio();
  const router = useRouter();
  const own = useOwnPoses().some((p) => p.id === shape.id);
  const go = async () => {
    const id = own ? shape.id : `own-${newId()}`;
    if (!own) await savePose(db, copyOf(shape, id, now()));
    router.push(`${base}/poses/bench?pose=${id}`);
  };
  return (
    <Button size="small" sx={{ mt: 1, ml: 1 }} onClick={() => void go()}>
      {own ? say('Open it on the bench') : say('Make it my own on the bench')}
    </Button>
  );
}
