/**
 * Places in a document, named as JSON pointers in which an item of a list is known by its id, or by its number where it
 * has none. It is how the core names what is wrong.
 */
type Node = Record<string, unknown> | unknown[]
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null
const stepsOf = (place: string) =>
  place
    .split('/')
    .slice(1)
    .map((step) => step.replace(/~1/g, '/').replace(/~0/g, '~'))

/** Where in a list an item stands; -1 where it does not. */
function indexIn(list: unknown[], step: string) {
  const byId = list.findIndex((item) => isNode(item) && !Array.isArray(item) && item.id === step)
  return byId >= 0 || !/^\d+$/.test(step) ? byId : Number(step) < list.length ? Number(step) : -1
}
const child = (node: Node, step: string): unknown =>
  Array.isArray(node) ? node[indexIn(node, step)] : Object.hasOwn(node, step) ? node[step] : undefined

/** What stands at a place; undefined where there is nothing. */
export const lookUp = (document: unknown, place: string): unknown =>
  stepsOf(place).reduce<unknown>((node, step) => (isNode(node) ? child(node, step) : undefined), document)

/** The same, but at a place inside of a field, such as whether its value is sure, the field. */
export const fieldAt = (document: unknown, place: string): unknown =>
  stepsOf(place).reduce<unknown>((node, step) => (isNode(node) ? child(node, step) : node), document)

/**
 * Makes a place of a document what it is in another, as near above it as that other has something: a field it has gets
 * its value, a field or an item of a list that it does not have goes. Says whether anything could be done.
 */
export function takeFrom(document: unknown, other: unknown, place: string): boolean {
  let node: unknown = document
  let before: unknown = other
  for (const step of stepsOf(place)) {
    if (!isNode(node)) return false
    const last = isNode(before) ? child(before, step) : undefined
    const now = child(node, step)
    if (!isNode(now) || !isNode(last)) {
      if (Array.isArray(node)) {
        const at = indexIn(node, step)
        if (at < 0) return false
        if (last === undefined) node.splice(at, 1)
        else node[at] = structuredClone(last)
      } else if (last === undefined) delete node[step]
      else node[step] = structuredClone(last)
      return true
    }
    node = now
    before = last
  }
  return false
}
