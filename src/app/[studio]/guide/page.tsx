import { GuideScreen } from '@/screens/guide/GuideScreen';

export default function Page() {
  return <GuideScreen />;
}
