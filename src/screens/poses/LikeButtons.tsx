'use client';
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
        aria-label={`Star ${name}`}
        onClick={() => put(starred(likes, pose, rung))}
      >
        {liked ? '★ Starred' : '☆ Star'}
      </Button>
      <Button
        size="small"
        aria-pressed={never}
        aria-label={never ? `Show ${name} again` : `Never use ${name}`}
        onClick={() => put(hidden(likes, pose))}
      >
        {never ? 'Hidden: show again' : 'Never use'}
      </Button>
    </>
  );
}
