import { inject, provide, type InjectionKey } from 'vue'

/** What depends on the item at a place, by the names on screen; nothing where no page provides it. */
export type Dependents = (at: string) => readonly string[]

const key: InjectionKey<Dependents> = Symbol('dependents')
export const provideDependents = (of: Dependents) => provide(key, of)
export const useDependents = (): Dependents => inject(key, () => [])
