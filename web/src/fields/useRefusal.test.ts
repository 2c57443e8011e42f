import { ref } from 'vue'
import { expect, it } from 'vitest'
import { refusalFrom } from '@/api/client'
import { useRefusal } from './useRefusal'

const problem = (at: string) => ({ at, what: `${at} is wrong.`, remedy: 'Change it.', severity: 'error' as const })
const form = () => ref({ name: '', teams: [{ name: 'Plovers' }, { name: 'Plovers' }], 'a/b': '' })

it('says what is wrong with a field until something else is typed there', () => {
  const typed = form()
  const refusal = useRefusal(() => typed.value)
  refusal.value = refusalFrom([problem('/name'), problem('/teams/1/name')])
  expect(refusal.value?.title).toBe('2 things need to be fixed.')

  typed.value.teams[1]!.name = 'Whelks'
  expect(refusal.value?.problems.map((p) => p.at)).toEqual(['/name'])
  expect(refusal.value?.title).toBe('/name is wrong.')

  typed.value.name = 'Class 4'
  expect(refusal.value).toBeUndefined()

  // What was refused is not right because it is typed once more.
  typed.value.name = ''
  expect(refusal.value?.title).toBe('/name is wrong.')
})

it('says it again of what is typed and refused once more', () => {
  const typed = form()
  const refusal = useRefusal(() => typed.value)
  refusal.value = refusalFrom([problem('/name')])
  typed.value.name = '?'
  refusal.value = refusalFrom([problem('/name')])
  expect(refusal.value?.title).toBe('/name is wrong.')
})

it('keeps what is wrong with no field, and what is not in the form, until the form is sent', () => {
  const typed = form()
  const refusal = useRefusal(() => typed.value)
  refusal.value = { title: 'There is no connection.', detail: 'Try again.', problems: [] }
  typed.value.name = 'Class 4'
  expect(refusal.value?.title).toBe('There is no connection.')
  refusal.value = refusalFrom([problem('/brief')])
  typed.value.name = 'Class 5'
  expect(refusal.value?.title).toBe('/brief is wrong.')
  refusal.value = undefined
  expect(refusal.value).toBeUndefined()
})

it('finds a place inside of a field, and one with a slash in its name', () => {
  const typed = form()
  const refusal = useRefusal(() => typed.value)
  refusal.value = refusalFrom([problem('/name/sure'), problem('/a~1b')])
  typed.value['a/b'] = 'x'
  typed.value.name = '1400'
  expect(refusal.value).toBeUndefined()
})
