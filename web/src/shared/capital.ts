/** A word or a name as it begins a line. */
export const capital = (word: string) => word.slice(0, 1).toUpperCase() + word.slice(1)
