import type { RouteLocation } from 'vue-router'

/**
 * What the page at an address asks the server at first, with what stands in the address. Nothing where something was
 * chosen in the address: the page asks for that.
 */
export function firstAsked({ meta, params, query }: Pick<RouteLocation, 'meta' | 'params' | 'query'>) {
  if (Object.keys(query).length > 0) return []
  const filled = (asked: string) =>
    asked.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(String(params[name] ?? '')))
  return (meta.asks ?? []).map(filled)
}
