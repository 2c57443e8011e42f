/** What can be chosen, each with what it is called. */
export type Pairs<T> = readonly (readonly [T, string])[]

/** What there is in a list with ids, by name. */
export const named = (items: readonly { id: string; name: string }[], nameless: string): Pairs<string> =>
  items.map((item, i) => [item.id, item.name || `${nameless} ${i + 1}`] as const)

/** The kinds of a registry, in its order, by what they are called. */
export const namesOf = <K extends string>(kinds: Record<K, { label: string }>): Pairs<K> =>
  (Object.keys(kinds) as K[]).map((kind) => [kind, kinds[kind].label] as const)
