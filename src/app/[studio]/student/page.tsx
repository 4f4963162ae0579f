import { StudentScreen } from '@/screens/student/StudentScreen';

export default function Page() {
  return <StudentScreen />;
}
