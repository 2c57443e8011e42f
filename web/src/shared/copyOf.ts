/** A copy of a document as it stands, of which nothing is watched: as it would be sent. */
export const copyOf = <T>(value: T) => JSON.parse(JSON.stringify(value)) as T
