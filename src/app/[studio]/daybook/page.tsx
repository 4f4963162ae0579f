import { DayBookScreen } from '@/screens/daybook/DayBookScreen';

export default function Page() {
  return <DayBookScreen />;
}
