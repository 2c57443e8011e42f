import { open, type Page } from '../page'

/** Begins a brief from a pattern on Home, as a teacher does. */
export async function beginBrief(pattern = 'Blank') {
  const desk = await open('/')
  await desk.clickButton('New brief')
  await desk.clickRadio(pattern)
  await desk.clickButton('Begin')
  await desk.see('Your design must')
  return desk
}

/** Waits until the field holds this. */
export const holds = (desk: Page, field: string, value: string) =>
  desk.until(() => desk.all<HTMLInputElement>('field', field)[0]?.value === value, `${field} to hold “${value}”`)
