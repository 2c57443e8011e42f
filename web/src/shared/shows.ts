import type { Component } from 'vue'

/**
 * A component that takes at least these properties. A registry of kinds is made of them, so that a kind whose component
 * is missing, or takes another kind's thing, does not compile.
 */
export type Shows<Props> = new (...args: never[]) => { $props: Props }

/** One of a registry as a page shows it: that it goes with the thing it is handed, the registry has seen to. */
export const anyOf = (component: Shows<object>) => component as Component
