/** "a", "a and b", "a, b and c"; nothing for none. */
export function listSaid(parts: readonly string[]): string {
  if (parts.length < 2) return parts[0] ?? '';
  return `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
}

/** Words as a sentence begins. */
export const sentenceBegins = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
