import 'fake-indexeddb/auto'
import { answered } from './network'
import userEvent from '@testing-library/user-event'
import axe from 'axe-core'
import PrimeVue from 'primevue/config'
import { expect, inject, vi } from 'vitest'
import { createApp, type App as Application } from 'vue'
import App from '@/App.vue'
import { router } from '@/router'

/** Where the server with the demo's data is. */
export const server = inject('server')

const goTo = (address: string) =>
  (window as unknown as { happyDOM: { setURL(to: string): void } }).happyDOM.setURL(address)
goTo(server)
document.documentElement.lang = 'en'

/** How long a page may take until it says what is expected of it: generous, since only what fails takes it. */
const patience = 60_000

const selectors = {
  button: 'button, [role=button], input[type=submit]',
  field: 'input:not([type=hidden], [type=file]), textarea, select, [role=combobox]:not(input)',
  link: 'a[href]',
  menuitem: '[role=menuitem]',
  radio: 'input[type=radio]',
  row: 'tbody tr, tfoot tr',
  summary: 'summary',
  tab: '[role=tab]',
}
type Role = keyof typeof selectors

const inline = new Set([
  'A',
  'ABBR',
  'B',
  'CODE',
  'EM',
  'I',
  'KBD',
  'MARK',
  'SMALL',
  'SPAN',
  'STRONG',
  'SUB',
  'SUP',
  'TIME',
])
const shut = (e: Element) =>
  e.getAttribute('style')?.includes('display: none') ||
  e.hasAttribute('hidden') ||
  ['SCRIPT', 'STYLE', 'TEMPLATE'].includes(e.tagName) ||
  (e.parentElement?.tagName === 'DETAILS' && e.tagName !== 'SUMMARY' && !e.parentElement.hasAttribute('open'))

/** What is read of this: `seen` by who looks at it, otherwise heard of it where it is named. */
function words(node: Node, seen: boolean): string {
  if (node.nodeType === Node.TEXT_NODE) return node.textContent ?? ''
  if (!(node instanceof Element)) return ''
  if (seen ? shut(node) : node.getAttribute('aria-hidden') === 'true') return ''
  const inside = [...node.childNodes].map((n) => words(n, seen)).join('')
  return inline.has(node.tagName) ? inside : ` ${inside} `
}
const tidy = (text: string) => text.replace(/\s+/g, ' ').replaceAll(' ,', ',').trim()

/** The name as assistive technology hears it, as far as these pages need it: aria-label, labels, text. */
function nameOf(e: Element): string {
  const label = e.getAttribute('aria-label')
  if (label !== null) return label
  const by = document.getElementById(e.getAttribute('aria-labelledby') ?? '')
  const [first] = (e as HTMLInputElement).labels ?? []
  return tidy(words(by ?? first ?? e, false))
}

const isShown = (e: Element) => {
  for (let at: Element | null = e; at; at = at.parentElement) if (shut(at)) return false
  return true
}

/** Nobody has touched the page before: a sound and a full screen wait for that. */
Object.defineProperty(navigator, 'userActivation', { value: { hasBeenActive: false }, configurable: true })

/** Nothing is laid out here: each thing gets a place of its own, so that none lies where another one was pressed. */
const places = new WeakMap<Element, number>()
let next = 0
Element.prototype.getBoundingClientRect = function (this: Element) {
  if (!places.has(this)) places.set(this, (next += 100))
  return new DOMRect(places.get(this), 0, 99, 20)
}

let loaded = { App, router }
let application: Application | undefined
/** What Vue and the application said in the console that nobody should have to read. */
export const warned: string[] = []

/** Leaves the page that is open, when nothing is on its way any more. */
export async function close() {
  application?.unmount()
  application = undefined
  await answered()
  // A page fetches others beforehand.
  await vi.dynamicImportSettled()
  document.body.replaceChildren()
}

/**
 * One page of the application, as a person uses it: things are found by their role and name. The pages, the routes and
 * the server are the real ones; there is no browser, so nothing is laid out.
 */
export class Page {
  /** What was done to it: a press, a choice and a filled field are one each. */
  steps = 0
  private readonly user = userEvent.setup({ delay: null, pointerEventsCheck: 0 })

  /** Goes there again, as one who types the address. */
  async open(path: string) {
    await close()
    await this.show(path, loaded)
  }

  private async show(path: string, { App, router }: typeof loaded) {
    loaded = { App, router }
    goTo(server + path)
    application = createApp(App).use(PrimeVue)
    application.config.warnHandler = (what, _, where) => void warned.push(what + where)
    const root = document.body.appendChild(document.createElement('div'))
    await router.replace(path)
    application.use(router).mount(root)
    await router.isReady()
  }

  /** Loads the page again as the browser does: what was not kept on the device is gone. */
  async reload() {
    const { place } = this
    await close()
    vi.resetModules()
    const again = { App: (await import('@/App.vue')).default, router: (await import('@/router')).router }
    await this.show(place, again)
  }

  get place() {
    return loaded.router.currentRoute.value.fullPath
  }

  /** What the page says, with spaces as they are read. */
  get text() {
    return tidy(words(document.body, true))
  }

  /** Waits until this holds, looking whenever something in the page changes and from time to time. */
  async until<T>(condition: () => T | Promise<T>, what: string): Promise<NonNullable<T>> {
    const end = Date.now() + patience
    for (;;) {
      const now = await condition()
      if (now) return now
      if (Date.now() > end) throw new Error(`Waited in vain for ${what}.\n${this.place} says: ${this.text}`)
      await new Promise<void>((go) => {
        const watch = new MutationObserver(done)
        const late = setTimeout(done, 50)
        function done() {
          watch.disconnect()
          clearTimeout(late)
          setTimeout(go)
        }
        watch.observe(document, { subtree: true, childList: true, characterData: true, attributes: true })
      })
    }
  }

  see = (text: string) => this.until(() => this.text.includes(text), `the page to say “${text}”`)

  seeNot = (text: string) => this.until(() => !this.text.includes(text), `“${text}” to go`)

  all<E extends Element = HTMLElement>(role: Role, name: string, exact = true): E[] {
    return [...document.querySelectorAll<E>(selectors[role])].filter(
      (e) => (exact ? nameOf(e) === name : nameOf(e).includes(name)) && isShown(e),
    )
  }

  /** Waits for the first thing of this role and name. */
  one = <E extends Element = HTMLElement>(role: Role, name: string, exact = true) =>
    this.until(() => this.all<E>(role, name, exact)[0], `a ${role} called “${name}”`)

  button = (name: string) => this.one<HTMLButtonElement>('button', name)
  field = (name: string) => this.one<HTMLInputElement>('field', name)
  row = async (text: string) => tidy(words(await this.one('row', text, false), true))

  /** Clicks it once it is there and can be pressed. */
  async click(find: () => Element | undefined, what = 'something to press') {
    this.steps++
    await this.press(
      await this.until(() => {
        const found = find()
        return found && !(found as HTMLButtonElement).disabled ? found : undefined
      }, what),
    )
  }

  private async press(target: Element) {
    const pageX = target.getBoundingClientRect().left + 1
    await this.user.pointer({ target, keys: '[MouseLeft]', coords: { clientX: pageX, pageX } })
    // What was pressed is shown before anything else is.
    await new Promise((shown) => setTimeout(shown))
  }

  clickButton = (name: string) => this.click(() => this.all('button', name)[0], `a button called “${name}”`)
  clickLink = (name: string) => this.click(() => this.all('link', name)[0], `a link called “${name}”`)
  clickMenu = (name: string) =>
    this.click(() => this.all('menuitem', name)[0]?.firstElementChild ?? undefined, `“${name}” in a menu`)
  clickTab = (name: string) => this.click(() => this.all('tab', name, false)[0], `a tab called “${name}”`)
  clickRadio = (name: string) => this.click(() => this.all('radio', name, false)[0], `a choice called “${name}”`)

  /** Types into a field in place of what it holds. */
  type = async (field: string, text: string) => this.typeInto(await this.field(field), text)

  async typeInto(field: Element, text: string) {
    this.steps++
    await this.take(field as HTMLInputElement)
    await this.user.keyboard(text === '' ? '{Delete}' : text.replace(/[[{]/g, '$&$&'))
  }

  /** Puts a text into a field in place of what it holds, as pasting does. */
  async paste(field: string, text: string) {
    this.steps++
    await this.take(await this.field(field))
    await this.user.paste(text)
  }

  /** A dialog that has just opened takes the focus once more; what is written meanwhile would go astray. */
  private async take(field: HTMLInputElement) {
    await this.press(field)
    field.focus()
    field.select()
  }

  /** Keys, as user-event writes them, to whatever has the focus. */
  keys = (keys: string) => this.user.keyboard(keys)

  keysOn(target: HTMLElement, keys: string) {
    this.steps++
    target.focus()
    return this.keys(keys)
  }

  choose = (field: string, option: string) => this.chooseIn(() => this.all('field', field)[0], option)

  /** Chooses from a list, one of the browser's own or one that opens. */
  async chooseIn(find: () => Element | undefined, option: string) {
    this.steps++
    const list = await this.until(find, `the list with the choice “${option}”`)
    const opens = list.getAttribute('role') === 'combobox'
    if (opens) await this.press(list)
    const found = await this.until(
      () =>
        [...(opens ? document : list).querySelectorAll(opens ? '[role=option]' : 'option')].find(
          (o) => tidy(o.textContent ?? '') === option,
        ),
      `the choice “${option}”`,
    )
    await (opens ? this.press(found) : this.user.selectOptions(list, found as HTMLOptionElement))
  }

  /** The field of a document's place, such as /method/parts/relay/legs/0. */
  at = (place: string) =>
    this.until(
      () => document.querySelector<HTMLInputElement>(`:is(input, select, textarea)[data-at='${place}']`),
      `a field for ${place}`,
    )

  /** Checks it against WCAG 2.2 A and AA, but for colors and sizes, which only a browser has. */
  async shouldBeAccessible() {
    // Without a layout a style says nothing but what is not shown, and matching each element takes half of the check.
    for (const sheet of document.querySelectorAll('style')) sheet.remove()
    const found = await axe.run(document, {
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
      rules: { 'color-contrast': { enabled: false }, 'target-size': { enabled: false } },
      resultTypes: ['violations'],
      preload: false,
    })
    expect(found.violations.map((v) => `${v.id}: ${v.help} at ${v.nodes.map((n) => n.html).join('; ')}`)).toEqual([])
  }
}

/** Opens a page of the application. */
export async function open(path: string) {
  const page = new Page()
  await page.open(path)
  return page
}
