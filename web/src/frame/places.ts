/** A place outside every rally, as the bar on top leads to it. */
export interface PlaceLink {
  to: string
  name: string
}

/** What a teacher goes to every week. */
export const places: readonly PlaceLink[] = [
  { to: '/', name: 'Home' },
  { to: '/classes', name: 'Classes' },
  { to: '/cupboard', name: 'Cupboard' },
  { to: '/days', name: 'Fair days' },
]

/** What is set once, or looked at when something is wrong. */
export const morePlaces: readonly PlaceLink[] = [
  { to: '/school', name: 'School settings' },
  { to: '/backups', name: 'Backups' },
  { to: '/status', name: 'Status' },
  { to: '/about', name: 'About' },
]

/** Whether an address is a place or lies below it; everything lies below Home, so that is only itself. */
export const isAt = (path: string, place: string) => path === place || (place !== '/' && path.startsWith(`${place}/`))
