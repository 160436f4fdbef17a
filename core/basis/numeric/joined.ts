/**
 * Bytes one behind the other.
 *
 * @param parts in their order; none gives no bytes
 * @returns a new array
 * @example joined([Uint8Array.of(1), Uint8Array.of(2, 3)]).length // 3
 */
export function joined(parts: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}
