/** Words as a sentence or a name begins. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
