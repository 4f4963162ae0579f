import { OverviewScreen } from '@/screens/overview/OverviewScreen';

export default function Page() {
  return <OverviewScreen />;
}
