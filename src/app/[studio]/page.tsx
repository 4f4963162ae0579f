import { TodayScreen } from '@/screens/today/TodayScreen';

export default function Page() {
  return <TodayScreen />;
}
