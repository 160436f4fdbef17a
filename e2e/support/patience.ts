/** How many times slower this machine is than a quiet one; given by Jest's configuration where tests run. */
const { SLOWNESS = 1 } = globalThis as { SLOWNESS?: number };

/** How long a state is waited for that comes within a second on a quiet machine, ms. Waiting ends when it is there. */
export const PATIENCE = 90_000 * SLOWNESS;
