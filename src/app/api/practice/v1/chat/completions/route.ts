import { practiceRoute } from '@/server';

export function POST(request: Request): Promise<Response> {
  return practiceRoute(request);
}
