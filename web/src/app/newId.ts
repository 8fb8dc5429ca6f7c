/** An id made on the phone; crypto.randomUUID is missing on plain HTTP, so from random bytes. */
export function newId(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join('');
}
