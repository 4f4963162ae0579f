import { ProgressSheetScreen } from '@/screens/progress/ProgressSheetScreen';

export default function Page() {
  return <ProgressSheetScreen />;
}
