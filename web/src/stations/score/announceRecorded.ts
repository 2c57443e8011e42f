import type { Entry } from '@/api/names'
import { entryWords } from '@/log/entryWords'
import { announce } from '@/shared/announce'
import type { Sent } from '@/shared/useOutbox'

/** Reads out that an entry was recorded. One that is refused is said on the page, as an alert. */
export function announceRecorded(entry: Entry, sent: Sent) {
  if (sent.kind === 'taken') announce(`Recorded: ${entryWords(entry)}`)
  if (sent.kind === 'waiting') announce(`Kept on this device: ${entryWords(entry)}`)
}
