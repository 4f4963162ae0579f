import { PrintScreen } from '@/screens/practice/PrintScreen';

export default function Page() {
  return <PrintScreen />;
}
