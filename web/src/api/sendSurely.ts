/** Waits before a request whose answer never came is sent again. */
const WAITS_MS = [150, 500];

/** Keys of writes that were not answered yet, by what they say. */
const unanswered = new Map<string, string>();

/**
 * Sends a request. A write carries a key; if its answer never comes it is sent again under the same
 * key, now or when somebody tries the same once more, and the application does it only once.
 */
export async function sendSurely(request: Request): Promise<Response> {
  if (request.method === 'GET') return fetch(request);
  const body = await request.clone().text();
  const says = [request.method, request.url, request.headers.get('If-Match'), body].join('\n');
  const key = unanswered.get(says) ?? crypto.randomUUID();
  unanswered.set(says, key);
  const keyed = new Request(request);
  keyed.headers.set('Idempotency-Key', key);
  for (let tried = 0; ; tried++) {
    try {
      const response = await fetch(keyed.clone());
      // Of a failure nobody knows how far it got.
      if (response.status < 500) unanswered.delete(says);
      return response;
    } catch (failure) {
      const wait = WAITS_MS[tried];
      if (request.signal.aborted || wait === undefined) {
        if (request.signal.aborted) unanswered.delete(says);
        throw failure;
      }
      await new Promise((done) => setTimeout(done, wait));
    }
  }
}
