import { handle } from '@/server/api/handle';

export const dynamic = 'force-dynamic';

type Context = { params: Promise<{ path?: string[] }> };

/** Everything below /api, so that what is not there says so as the API does. */
async function answer(request: Request, { params }: Context): Promise<Response> {
  const [version, ...segments] = (await params).path ?? [];
  return handle(request, version === 'v1' ? segments : []);
}

export { answer as GET, answer as POST, answer as PUT, answer as PATCH, answer as DELETE };
