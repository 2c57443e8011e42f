import { HubConnectionBuilder, LogLevel } from '@microsoft/signalr'
import { onBeforeUnmount, ref } from 'vue'

/** Never gives up: at once, then every two seconds. */
const keepTrying = {
  nextRetryDelayInMilliseconds: ({ previousRetryCount }: { previousRetryCount: number }) =>
    previousRetryCount === 0 ? 0 : 2000,
}

/** Follows a rally: calls back on every new entry, and whenever the connection has come about. */
export function useLive(rally: string, onNews: () => void) {
  const connected = ref(true)
  let left = false
  const hub = new HubConnectionBuilder()
    .withUrl('/live')
    .withAutomaticReconnect(keepTrying)
    .configureLogging(LogLevel.None)
    .build()

  hub.on('recorded', onNews)
  hub.onreconnecting(() => (connected.value = false))
  hub.onreconnected(() => void follow())

  /** From here on nothing is missed; what came between loading the page and now is asked for once more. */
  async function follow() {
    try {
      await hub.invoke('Follow', rally)
      connected.value = true
      onNews()
    } catch {
      // Lost again, or no longer let in. The screen says so; a connection that comes back follows again.
      connected.value = false
    }
  }

  async function start(): Promise<void> {
    if (left) return
    try {
      await hub.start()
    } catch {
      // The screen says that the connection is gone; this goes on trying until it is back.
      connected.value = false
      setTimeout(() => void start(), 2000)
      return
    }
    await follow()
  }

  void start()
  onBeforeUnmount(() => {
    left = true
    void hub.stop()
  })
  return connected
}
