import { ClassesScreen } from '@/screens/classes/ClassesScreen';

export default function Page() {
  return <ClassesScreen />;
}
