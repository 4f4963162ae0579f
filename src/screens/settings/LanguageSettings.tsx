import Typography from '@mui/material/Typography';
import { say, spokenLanguage } from '@/core/languages/spoken';
import { chooseLanguage } from '../shell/chosen-language';
import { LanguageSelect } from '../shell/LanguageSelect';

/** The language in which Kolpos speaks to the teacher on this device. What a student is given has its own. */
export function LanguageSettings() {
  return (
    <>
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        {say('Language')}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {say('The language of Kolpos on this device. What a student is given comes in the language chosen for her.')}
      </Typography>
      <LanguageSelect
        size="small"
        label={say('Language of Kolpos')}
        value={spokenLanguage()}
        onPick={chooseLanguage}
        sx={{ minWidth: 200 }}
      />
    </>
  );
}
