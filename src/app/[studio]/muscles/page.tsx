import { MusclesScreen } from '@/screens/muscles/MusclesScreen';

export default function Page() {
  return <MusclesScreen />;
}
