import { nextTick, ref } from 'vue'
import { beforeEach, expect, it } from 'vitest'
import { useEdited } from './useEdited'

interface Plan {
  name: string
  slots: string[]
}
const plan = (name: string, ...slots: string[]): Plan => ({ name, slots })
beforeEach(() => localStorage.clear())

it('follows what the server has until something is typed', async () => {
  const server = ref<Plan>()
  const { typed, changed } = useEdited(() => server.value, 'day')
  expect(typed.value).toBeUndefined()
  server.value = plan('Fair')
  await nextTick()
  expect(typed.value).toEqual(plan('Fair'))
  expect(changed.value).toBe(false)
  typed.value!.slots.push('Class 4')
  expect(server.value.slots).toEqual([])
  expect(changed.value).toBe(true)
})

it('is there again when the page is opened again, with what it was changed from', async () => {
  const server = ref<Plan | undefined>(plan('Fair'))
  const before = useEdited(() => server.value, 'day')
  before.typed.value!.name = 'Spring fair'
  await nextTick()

  server.value = undefined
  const after = useEdited(() => server.value, 'day')
  server.value = plan('Fair', 'of another window')
  await nextTick()
  expect(after.typed.value).toEqual(plan('Spring fair'))
  expect(after.was.value).toEqual(plan('Fair'))
  expect(after.changed.value).toBe(true)

  after.discard()
  expect(after.typed.value).toEqual(plan('Fair', 'of another window'))
  expect(after.changed.value).toBe(false)
  await nextTick()
  expect(localStorage.length).toBe(0)
})

it('goes when it is saved, and not where more was typed meanwhile', async () => {
  const server = ref<Plan>(plan('Fair'))
  const { typed, was, changed, saved } = useEdited(() => server.value, 'day')
  typed.value!.name = 'Spring fair'
  const sent = plan('Spring fair')
  typed.value!.slots.push('Class 4')
  server.value = sent
  saved(sent)
  await nextTick()
  expect(typed.value).toEqual(plan('Spring fair', 'Class 4'))
  expect(was.value).toEqual(sent)
  expect(changed.value).toBe(true)

  server.value = plan('Spring fair', 'Class 4')
  saved(server.value)
  await nextTick()
  expect(changed.value).toBe(false)
  expect(localStorage.length).toBe(0)
})
