import { inject, provide, type InjectionKey } from 'vue'

/** What rests on what stands at a place, as it is called on screen; nothing where nobody says. */
export type Rests = (at: string) => readonly string[]

const key: InjectionKey<Rests> = Symbol('rests')
export const provideRests = (rests: Rests) => provide(key, rests)
export const useRests = (): Rests => inject(key, () => [])
