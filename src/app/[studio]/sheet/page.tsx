import { SheetScreen } from '@/screens/findings/SheetScreen';

export default function Page() {
  return <SheetScreen />;
}
