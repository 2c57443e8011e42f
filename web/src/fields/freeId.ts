/** The first id of this stem that is free: length, length2, length3. */
export function free(stem: string, taken: readonly string[]) {
  let id = stem
  for (let n = 2; taken.includes(id); n++) id = `${stem}${n}`
  return id
}

export const ids = (list: readonly { id: string }[]) => list.map((item) => item.id)

/** A free id for a new one of a list. */
export const freeIn = (list: readonly { id: string }[], stem: string) => free(stem, ids(list))
