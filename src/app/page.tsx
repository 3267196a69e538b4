import { DeskView } from '@/views/desk/DeskView';

export default function DeskPage() {
  return <DeskView />;
}
