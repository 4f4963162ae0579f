import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { YogaClass } from '@/core/classes/class';
import { removeClass } from '@/store/edits';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import type { KeepClass } from './use-class-building';

const LONGEST_NAME = 80;

/** What a class is called, to be changed, and its removal. */
export function ClassHead({ one, keep }: { one: YogaClass; keep: KeepClass }) {
  'use memo';
  const { db, base } = useStudio();
  const router = useRouter();
  const undo = useUndo();
  const [name, setName] = useState<string | null>(null);
  const rename = () => {
    const said = name?.trim();
    if (said && said !== one.name) void keep((c) => ({ ...c, name: said }), say('It has another name.'));
    setName(null);
  };
  const remove = async () => {
    undo(say('“{{name}}” is removed.', { name: one.name }), await removeClass(db, one.id));
    router.push(`${base}/classes`);
  };
  return (
    <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 2 }}>
      <TextField
        label={say('Class')}
        value={name ?? one.name}
        onChange={(e) => setName(e.target.value.slice(0, LONGEST_NAME))}
        onBlur={rename}
        sx={{ width: 340 }}
      />
      <Box sx={{ flex: 1 }} />
      <Button onClick={() => void remove()}>{say('Remove this class')}</Button>
    </Box>
  );
}
