import { QuestionsSheetScreen } from '@/screens/students/QuestionsSheetScreen';

export default function Page() {
  return <QuestionsSheetScreen />;
}
