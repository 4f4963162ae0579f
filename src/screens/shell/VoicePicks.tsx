'use client';
import { say } from '@/core/languages/spoken';
import { useVoice } from '../settings/use-pose-settings';
import { Pick } from './Pick';

/** How the teacher speaks: plain or inviting, with or without muscles and breath. */
export function VoicePicks() {
  const [voice, putVoice] = useVoice();
  return (
    <>
      <Pick label={say('plain')} on={voice.manner === 'plain'} press={() => putVoice({ manner: 'plain' })} />
      <Pick
        label={say('inviting')}
        on={voice.manner === 'invitation'}
        press={() => putVoice({ manner: 'invitation' })}
      />
      <Pick label={say('names muscles')} on={voice.anatomy} press={() => putVoice({ anatomy: !voice.anatomy })} />
      <Pick label={say('speaks of the breath')} on={voice.breath} press={() => putVoice({ breath: !voice.breath })} />
    </>
  );
}
