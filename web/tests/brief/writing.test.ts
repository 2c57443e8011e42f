import { expect, test } from 'vitest'
import { server } from '../page'
import { beginBrief, holds } from './writing'

/** What is written is kept, what is wrong is said where it stands, and every step can be taken back. */

test('A snag leads to its field', async () => {
  const desk = await beginBrief()
  await desk.clickButton('The brief has no title.')
  await desk.until(() => document.activeElement?.getAttribute('aria-label') === 'Title', 'the title to have the focus')
})

test('A number that is none stays at its field and stops nothing else', async () => {
  const desk = await beginBrief()
  await desk.type('Attempts', 'several')
  await desk.see('“several” is not a number. Write one such as 4, 2.5 or 1/4.')
  await desk.type('Theme', 'Driftwood')
  await desk.see('Saved, except for what is marked.')
  expect((await desk.button('Make teams')).disabled).toBe(true)
  await desk.reload()
  await desk.see('“several” is not a number.')
  await holds(desk, 'Theme', 'Driftwood')
  await holds(desk, 'Attempts', 'several')
  await desk.type('Attempts', '3')
  await desk.seeNot('is not a number')
  await desk.see('Saved at')
})

test('What the server refuses in one field does not stop the rest from being saved', async () => {
  const desk = await beginBrief()
  await desk.type('Attempts', '2.5')
  await desk.see('Write a whole number.')
  await desk.type('Theme', 'Sea glass')
  await desk.see('Saved, except for what is marked.')
  await desk.reload()
  await desk.see('Write a whole number.')
  await holds(desk, 'Attempts', '2.5')
  await holds(desk, 'Theme', 'Sea glass')
  // Another device has what was saved, and nothing of what is marked here.
  localStorage.clear()
  await desk.reload()
  await holds(desk, 'Theme', 'Sea glass')
  expect((await desk.field('Attempts')).value).not.toBe('2.5')
})

test('Every step is undone and done again', async () => {
  const desk = await beginBrief('Tallest')
  const press = async (keys: string) => desk.keysOn(await desk.field('Title'), keys)
  await desk.type('Title', 'The mast')
  await desk.see('Saved at')
  await desk.type('Goal', 'Raise it.')
  await desk.see('Saved at')
  await desk.clickButton('Mark as read')
  await desk.seeNot('Mark as read')
  await press('{Control>}z{/Control}')
  await desk.see('Mark as read')
  await press('{Control>}z{/Control}')
  await holds(desk, 'Goal', 'Build the tallest thing that stands by itself.')
  await press('{Control>}z{/Control}')
  await holds(desk, 'Title', 'As high as we can')
  await press('{Control>}{Shift>}z{/Shift}{/Control}')
  await holds(desk, 'Title', 'The mast')
})

test('A tier holds only what differs and is seen by itself', async () => {
  const desk = await beginBrief('Farthest and truest')
  await desk.clickTab('Tiers')
  await desk.choose('Add a tier', 'Kindergarten to grade 2')
  await desk.see('Test: attempts')
  await holds(desk, 'Test: attempts, Kindergarten to grade 2', '1')
  await desk.choose('Add a difference', 'Something that joins: amount')
  await desk.type('Something that joins: amount, Kindergarten to grade 2', '90')
  await desk.click(() => desk.all('field', 'Test: attempts, Kindergarten to grade 2')[0])
  await desk.shouldBeAccessible()
  await desk.clickButton('See Kindergarten to grade 2')
  await desk.see('90 cm of something that joins')
  await desk.see('You have one attempt.')
  await desk.clickButton('Reset Something that joins: amount, Kindergarten to grade 2')
  await desk.seeNot('Something that joins: amount 40 90')
  await desk.see('Saved at')
})

test('Height for each sheet needs no expression and shows one', async () => {
  const desk = await beginBrief('Tallest')
  await desk.clickTab('Method')
  await desk.choose('Alone or with another', 'for each')
  await desk.see('1 point for each cm per piece.')
  expect(desk.text).not.toContain('height / pieces')
})

test('A calculation is written with the names of figures from a list', async () => {
  const desk = await beginBrief('Tallest')
  await desk.clickTab('Method')
  await desk.choose('What the part looks at', 'a calculation…')
  await holds(desk, 'What the part looks at', '“Height”')
  await desk.type('What the part looks at', '“Height” - 2 * pie')
  await desk.click(() =>
    [...document.querySelectorAll('[role=option]')].find((o) => o.textContent?.startsWith('Pieces')),
  )
  await holds(desk, 'What the part looks at', '“Height” - 2 * “Pieces used” ')
  await desk.see('pieces cannot be')
  await desk.type('What the part looks at', '“heigth”')
  await desk.see('Nothing is called “heigth”.')
  await desk.shouldBeAccessible()
})

test.each(["<script>document.title='taken'</script>", 'سفينة صغيرة'])('%s is only text', async (title) => {
  const desk = await beginBrief()
  await desk.paste('Title', title)
  await desk.see('Saved at')
  await desk.open('/')
  await desk.one('link', title)
  expect(document.title).toBe('Home · Plucky Rally')
})

test('A title of 5000 characters is kept and is a snag', async () => {
  const desk = await beginBrief()
  await desk.paste('Title', 'x'.repeat(5000))
  await desk.see('The title is 5000 characters long. Shorten it to 120.')
  await desk.see('Saved at')
  const { title } = (await (await fetch(`${server}/api${desk.place}`)).json()) as { title: string }
  expect(title).toHaveLength(5000)
})
