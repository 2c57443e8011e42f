/** What a picture needs to stand by itself: everything else comes from the page around it. */
const kept = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'font-family',
  'font-size',
  'font-weight',
  'opacity',
  'text-anchor',
] as const

/** A drawn picture as a file of its own: styles that came from the page are written into it. */
export function asSvg(drawn: SVGSVGElement): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement
  const [from, to] = [
    [drawn, ...drawn.querySelectorAll('*')],
    [copy, ...copy.querySelectorAll('*')],
  ]
  from.forEach((element, at) => {
    const style = getComputedStyle(element)
    for (const property of kept) to[at]?.setAttribute(property, style.getPropertyValue(property))
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.style.background = getComputedStyle(document.body).backgroundColor
  return new XMLSerializer().serializeToString(copy)
}

/** The same as points, twice as fine as on the screen, on white paper. */
export async function asPng(drawn: SVGSVGElement): Promise<Blob> {
  const { width, height } = drawn.getBoundingClientRect()
  const picture = new Image()
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(asSvg(drawn))}`
  await picture.decode()
  const canvas = document.createElement('canvas')
  canvas.width = width * 2
  canvas.height = height * 2
  const paper = canvas.getContext('2d')!
  paper.fillStyle = getComputedStyle(document.documentElement).getPropertyValue('--sheet')
  paper.fillRect(0, 0, canvas.width, canvas.height)
  paper.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return new Promise((done, failed) =>
    canvas.toBlob((blob) => (blob ? done(blob) : failed(new Error('The picture could not be made.'))), 'image/png'),
  )
}

/** Hands something to the browser to be saved. */
export function save(content: Blob, name: string) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(content)
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}
