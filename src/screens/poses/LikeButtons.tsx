'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import { hidden, isLiked, isNever, starred } from '@/core/practice/likes';
import { useLikes } from '../settings/use-pose-settings';

/**
 * A star for a rung that she likes to teach; a shape that she never teaches is hidden from rankings and practices until
 * it is shown again.
 */
export function LikeButtons({ pose, rung, name }: { pose: string; rung: number; name: string }) {
  const [likes, put] = useLikes();
  const liked = isLiked(likes, pose, rung),
    never = isNever(likes, pose);
  return (
    <>
      <Button
        size="small"
        aria-pressed={liked}
        aria-label={say('Star {{name}}', { name })}
        onClick={() => put(starred(likes, pose, rung))}
      >
        {liked ? say('★ Starred') : say('☆ Star')}
      </Button>
      <Button
        size="small"
        aria-pressed={never}
        aria-label={never ? say('Show {{name}} again', { name }) : say('Never use {{name}}', { name })}
        onClick={() => put(hidden(likes, pose))}
      >
        {never ? say('Hidden: show again') : say('Never use')}
      </Button>
    </>
  );
}
