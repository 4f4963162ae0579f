import { LibraryScreen } from '@/screens/poses/LibraryScreen';

export default function Page() {
  return <LibraryScreen />;
}
