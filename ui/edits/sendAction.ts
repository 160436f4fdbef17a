import type { SubmitFunction } from "react-router";

/** Answers of actions to what pages sent, by the sender's key, until the sender takes them. */
const answers = new Map<string, unknown>();

/** The name under which a sender tells its key in the action's address. */
const KEY = "key";

/** Hands an action's answer to the page that sent for it. */
export function deliver(request: Request, answer: unknown): void {
  const key = new URL(request.url).searchParams.get(KEY);
  if (key !== null) answers.set(key, answer);
}

/**
 * Sends something to a route's action and waits for what comes of it; the page it was sent from may be gone by then.
 *
 * @param path of the route
 * @returns what the action delivered; `null`: it had no answer
 */
export async function sendAction<Answer>(submit: SubmitFunction, path: string, asked: object): Promise<Answer | null> {
  const key = crypto.randomUUID();
  await submit(JSON.stringify(asked), {
    action: `${path}?${KEY}=${key}`,
    method: "post",
    encType: "application/json",
    navigate: false,
    fetcherKey: key,
  });
  const answer = answers.get(key) as Answer | undefined;
  answers.delete(key);
  return answer ?? null;
}
