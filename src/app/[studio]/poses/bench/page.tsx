import { BenchScreen } from '@/screens/bench/BenchScreen';

export default function Page() {
  return <BenchScreen />;
}
