import { BenchScreen } from '@/screens/pose-editor/BenchScreen';

export default function Page() {
  return <BenchScreen />;
}
