/*
 * Data that every room reads, requested while the application itself is still loading: who is signed in, then the kennel,
 * its plan and its work. Each answer is used once, by the first query that would ask the same.
 */
const SESSION = '/api/session/now';
const EVERY_ROOM = ['/api/kennel', '/api/plan', '/api/work'];

const asked = new Map<string, Promise<Response | null>>();

/** Begins to ask; what fails is asked again by whoever needs it, who also tells what is wrong. */
export function askEarly(): void {
  const session = fetch(SESSION).catch(() => null);
  asked.set(SESSION, session);
  // The rest is read after the session, whose number of the last change the live stream goes on from.
  const isIn = session.then(async (answer) => answer?.ok === true && (await mayRead(answer.clone())));
  for (const path of EVERY_ROOM)
    asked.set(
      path,
      isIn.then((yes) => (yes ? fetch(path) : null)).catch(() => null),
    );
}

/** Whether somebody is signed in who has chosen a password of their own. */
async function mayRead(answer: Response): Promise<boolean> {
  const { session } = (await answer.json()) as { readonly session: { readonly mustChange: boolean } | null };
  return session?.mustChange === false;
}

/** The early answer to a request, or a fresh one. */
export async function fetchOnce(request: Request): Promise<Response> {
  const { pathname, search } = new URL(request.url);
  if (request.method === 'GET' && search === '') {
    const early = asked.get(pathname);
    asked.delete(pathname);
    const answer = (await early) ?? null;
    if (answer !== null) return answer;
  }
  return fetch(request);
}
