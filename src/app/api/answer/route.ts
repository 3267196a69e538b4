import { answerRoute } from '@/server';

export function POST(request: Request): Promise<Response> {
  return answerRoute(request);
}
