import { SettingsScreen } from '@/screens/settings/SettingsScreen';

export default function Page() {
  return <SettingsScreen />;
}
