import { ClassScreen } from '@/screens/classes/ClassScreen';

export default function Page() {
  return <ClassScreen />;
}
