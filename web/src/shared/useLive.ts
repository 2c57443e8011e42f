import type { HubConnection } from '@microsoft/signalr'
import { onBeforeUnmount, ref, shallowRef } from 'vue'
import type { Instrument, RallyProgress } from '@/api/names'

/** How far a rally is; without a number something else has changed, and everything is to be asked for again. */
export type LiveNews = Pick<RallyProgress, 'edition' | 'running'> & { asOf?: number | null; within: number }

/** Milliseconds until what did not come about is tried again. */
const tryAgain = 2_000

/** Never gives up: at once, then every two seconds. */
const keepTrying = {
  nextRetryDelayInMilliseconds: ({ previousRetryCount }: { previousRetryCount: number }) =>
    previousRetryCount === 0 ? 0 : tryAgain,
}

/**
 * Follows a rally: says how far its log has come whenever that is news, and once whenever the connection has come
 * about.
 */
export function useLive(rally: string, onNews: (news: LiveNews) => void) {
  const connected = ref(true)
  /** What the connected instruments show; lost with the line. */
  const instruments = shallowRef<readonly Instrument[]>([])
  let left = false
  let hub: HubConnection | undefined
  /** News that waits for its moment; heard in the order in which it came, or what is newest would be forgotten. */
  const waiting: LiveNews[] = []
  function hear(upTo: LiveNews) {
    while (!left && waiting.includes(upTo)) onNews(waiting.shift()!)
  }

  /** The line itself comes after the page: what is shown first does not need it. */
  async function line() {
    const { HubConnectionBuilder, LogLevel } = await import('@microsoft/signalr')
    const made = new HubConnectionBuilder()
      .withUrl(new URL('/live', location.href).href)
      .withAutomaticReconnect(keepTrying)
      .configureLogging(LogLevel.None)
      .build()
    /** Where many windows hear of the same thing, each asks at a moment of its own. */
    made.on('news', (news: LiveNews) => {
      waiting.push(news)
      if (news.within === 0) hear(news)
      else setTimeout(() => hear(news), Math.random() * news.within)
    })
    made.on('instruments', (shown: Instrument[]) => (instruments.value = shown))
    made.onreconnecting(lost)
    made.onreconnected(() => void follow(made))
    return made
  }

  function lost() {
    connected.value = false
    instruments.value = instruments.value.map((i) => ({ ...i, state: 'lost', shown: '' }))
  }

  /** From here on nothing is missed; what came between loading the page and now is asked for once more. */
  async function follow(hub: HubConnection) {
    try {
      const news = (await hub.invoke<LiveNews | null>('Follow', rally)) ?? { edition: 0, within: 0, running: 0 }
      connected.value = true
      waiting.push(news)
      hear(news)
    } catch {
      // Lost again, no longer let in, or the server cannot read the rally just now. The screen says so, and this is
      // tried until it holds: a connection that stands and follows nothing would hear of nothing.
      lost()
      setTimeout(() => !left && (hub.state as string) === 'Connected' && void follow(hub), tryAgain)
    }
  }

  async function start(): Promise<void> {
    try {
      hub ??= await line()
      if (left) return
      await hub.start()
    } catch {
      // The screen says that the connection is gone; this goes on trying until it is back.
      lost()
      setTimeout(() => !left && void start(), tryAgain)
      return
    }
    await follow(hub)
  }

  void start()
  onBeforeUnmount(() => {
    left = true
    void hub?.stop()
  })
  return { connected, instruments }
}
