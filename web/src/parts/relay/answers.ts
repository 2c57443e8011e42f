import { addTo, set, type Answers } from '@/parts/answer'

/** A name of its own beside those of legs, items and heats, whatever a fault is called. */
export const ofFault = (fault: string) => `fault.${fault}`

export const relay: Answers<'legTimed' | 'relayFaulted' | 'itemsCarried' | 'relayStopped'> = {
  legTimed: {
    describe: (entry) => `leg ${entry.leg}, ${entry.time.typed}`,
    lay: (soFar, entry) => {
      set(soFar, String(entry.leg), entry.time.typed)
      if (typeof entry.heat === 'number') set(soFar, 'heat', entry.heat)
    },
  },
  relayFaulted: { describe: () => 'a fault', lay: (soFar, entry) => addTo(soFar, ofFault(entry.fault), entry.count) },
  itemsCarried: {
    describe: (entry) => `${entry.count} brought over`,
    lay: (soFar, entry) => set(soFar, 'items', entry.count),
  },
  relayStopped: { describe: (entry) => entry.reason, lay: (soFar, entry) => set(soFar, 'stopped', entry.reason) },
}
