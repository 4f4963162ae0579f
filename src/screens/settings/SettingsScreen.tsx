'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useColorScheme } from '@mui/material/styles';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { setMessageTime, useMessageTime, type MessageTime } from '../shell/message-time';
import { useStudio } from '../shell/studio-context';
import { singleKeys } from '../shell/use-keys';
import { AimSettings } from './AimSettings';
import { BodySettings } from './BodySettings';
import { LanguageSettings } from './LanguageSettings';
import { FilesPart } from './FilesPart';
import { SheetsPart } from './SheetsPart';
import { RemovedPart } from './RemovedPart';
import { MeasuringSettings } from './MeasuringSettings';
import { PoseSettings } from './PoseSettings';
import { UnitSettings } from './UnitSettings';

/** Light, files, and where the numbers come from. */
export function SettingsScreen() {
  const { name } = useStudio();
  const { mode, setMode } = useColorScheme();
  const messages = useMessageTime();
  const keys = singleKeys.use();
  return (
    <Box sx={{ p: 3, maxWidth: 720 }}>
      <Typography variant="h1" gutterBottom>
        {say('Settings & files')}
      </Typography>
      <MeasuringSettings />
      <AimSettings />
      <UnitSettings />
      <PoseSettings />
      <BodySettings />
      <FilesPart />
      <SheetsPart />
      <RemovedPart />
      <LanguageSettings />
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        {say('Light')}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={mode ?? 'system'}
        onChange={(_, v: 'light' | 'dark' | 'system' | null) => v && setMode(v)}
        aria-label={say('Light')}
      >
        <ToggleButton value="light">{say('Day')}</ToggleButton>
        <ToggleButton value="dark">{say('Night')}</ToggleButton>
        <ToggleButton value="system">{say('As the device')}</ToggleButton>
      </ToggleButtonGroup>
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        {say('Messages with “Undo”')}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={messages}
        onChange={(_, v: MessageTime | null) => v && setMessageTime(v)}
        aria-label={say('Messages with Undo')}
      >
        <ToggleButton value="short">{say('Go by themselves')}</ToggleButton>
        <ToggleButton value="stay">{say('Stay until I close them')}</ToggleButton>
      </ToggleButtonGroup>
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        {say('Single keys')}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {say(
          'Letters, digits and signs that do something by themselves. Switch them off where they get in your way; keys with Ctrl or Alt, arrows and the space bar stay.',
        )}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={keys}
        onChange={(_, v: 'on' | 'off' | null) => v && singleKeys.set(v)}
        aria-label={say('Single keys')}
      >
        <ToggleButton value="on">{say('On')}</ToggleButton>
        <ToggleButton value="off">{say('Off')}</ToggleButton>
      </ToggleButtonGroup>
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        {say('Where the numbers come from')}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {say(
          'Muscle paths are recalled from published lower-limb models; norms carry their source beside each reading; everything called a rule of thumb is ours. The model has not been tested on people. Kolpos never diagnoses: pain, pinching, tingling or numbness ends a test, and a licensed clinician decides what comes next.',
        )}
      </Typography>
      {name === 'studio' && <Button href="/demo">{say('Look round the demo studio')}</Button>}
    </Box>
  );
}
