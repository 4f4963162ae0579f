import { TeachScreen } from '@/screens/teach/TeachScreen';

export default function Page() {
  return <TeachScreen />;
}
