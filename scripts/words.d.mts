/** Everything that is said, with the file and the line where it stands. */
export function everything(): { file: string; line: number; text: string }[]
