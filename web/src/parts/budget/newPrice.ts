import type { Price } from '@/api/names'

/** Something for sale that says nothing yet. */
export const newPrice = (id: string): Price => ({ id, name: '', each: 1, material: '', amount: 1 })
