/** A line's beginning: its first letter is a capital. */
export const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
