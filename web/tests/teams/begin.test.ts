import { expect, test } from 'vitest'
import { open } from '../page'
import { onShelf } from '../rallies'

/** The form that a rally is begun with. */

test('What is wrong with a field is said until something else is typed there', async () => {
  const desk = await open(`/briefs/${await onShelf('The rain catcher')}/teams`)
  await desk.clickRadio('Type the teams')
  await desk.paste('Teams, one on each line', 'Gannets\nGannets')
  await desk.type('Class or name of the rally', '')
  await desk.clickButton('Begin the rally')
  await desk.see('2 things need to be fixed.')
  await desk.see('Two teams are called “Gannets”.')
  const name = await desk.field('Class or name of the rally')
  expect(name.getAttribute('aria-invalid')).toBe('true')
  await desk.shouldBeAccessible()

  await desk.type('Class or name of the rally', 'Class 31')
  expect(name.getAttribute('aria-invalid')).not.toBe('true')
  await desk.seeNot('2 things need to be fixed.')
  await desk.see('Two teams are called “Gannets”.')
  await desk.paste('Teams, one on each line', 'Gannets\nGulls')
  await desk.seeNot('Two teams')
  await desk.clickButton('Begin the rally')
  await desk.until(() => desk.place.startsWith('/rallies/'), 'the rally')
})
