import { afterEach, expect, test } from 'vitest'
import { keepFocus } from './keepFocus'

let stop = () => {}
function page(html: string) {
  document.body.innerHTML = html
  stop = keepFocus()
  return (id: string) => document.getElementById(id)!
}
const settled = () => new Promise((done) => setTimeout(done))
afterEach(() => stop())

test.each([
  ['the line below it', 'b', 'c'],
  ['the line above, where it was the last', 'c', 'b'],
])('when a line goes the keyboard goes on at %s', async (_, goes, to) => {
  const at = page(
    '<ul><li><button id="a"></button></li><li><button id="b"></button></li><li><button id="c"></button></li></ul>',
  )
  at(goes).focus()
  at(goes).closest('li')!.remove()
  await settled()
  expect(document.activeElement).toBe(at(to))
})

test('when the only line goes it goes on in what it stood in', async () => {
  const at = page('<section><button id="add"></button><ul><li><button id="a"></button></li></ul></section>')
  at('a').focus()
  at('a').closest('li')!.remove()
  await settled()
  expect(document.activeElement).toBe(at('add'))
})

test('when a dialog goes it goes back to what opened it', async () => {
  const at = page('<button id="first"></button><button id="opens"></button>')
  at('opens').focus()
  document.body.insertAdjacentHTML('beforeend', '<div role="dialog"><button id="yes"></button></div>')
  at('yes').focus()
  at('yes').closest('div')!.remove()
  await settled()
  expect(document.activeElement).toBe(at('opens'))
})

test('a field is passed over, where a key would be typed', async () => {
  const at = page('<div><button id="a"></button><input id="field" /><button id="b"></button></div>')
  at('a').focus()
  at('a').remove()
  await settled()
  expect(document.activeElement).toBe(at('b'))
})

test('what still has it keeps it', async () => {
  const at = page('<button id="a"></button><p id="p">Something else</p>')
  at('a').focus()
  at('p').remove()
  await settled()
  expect(document.activeElement).toBe(at('a'))
})
