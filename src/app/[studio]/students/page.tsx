import { StudentsScreen } from '@/screens/students/StudentsScreen';

export default function Page() {
  return <StudentsScreen />;
}
