import { handle } from '@/server/api/handle';

export const dynamic = 'force-dynamic';

type Context = { params: Promise<{ path: string[] }> };

const answer = async (request: Request, { params }: Context) => handle(request, (await params).path);

export { answer as GET, answer as POST, answer as PUT, answer as PATCH, answer as DELETE };
