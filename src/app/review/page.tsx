import { ReviewView } from '@/views/review/ReviewView';

export default function ReviewPage() {
  return <ReviewView />;
}
