import { HubConnectionBuilder, HubConnectionState, LogLevel } from '@microsoft/signalr'
import { onBeforeUnmount, ref } from 'vue'

/** Never gives up: at once, then every two seconds. */
const keepTrying = {
  nextRetryDelayInMilliseconds: ({ previousRetryCount }: { previousRetryCount: number }) =>
    previousRetryCount === 0 ? 0 : 2000,
}

/** Follows a rally: calls back on every new entry, and once after a lost connection has come back. */
export function useLive(rally: string, onNews: () => void) {
  const connected = ref(true)
  let left = false
  const hub = new HubConnectionBuilder()
    .withUrl('/live')
    .withAutomaticReconnect(keepTrying)
    .configureLogging(LogLevel.None)
    .build()

  const follow = () => hub.invoke('Follow', rally)
  hub.on('recorded', onNews)
  hub.onreconnecting(() => (connected.value = false))
  hub.onreconnected(() => void catchUp())

  async function catchUp() {
    await follow()
    connected.value = true
    onNews()
  }

  async function start(): Promise<void> {
    if (left) return
    try {
      await hub.start()
      await follow()
      if (!connected.value) onNews()
      connected.value = true
    } catch {
      // The screen says that the connection is gone; this goes on trying until it is back.
      connected.value = false
      if (hub.state === HubConnectionState.Disconnected) setTimeout(() => void start(), 2000)
    }
  }

  void start()
  onBeforeUnmount(() => {
    left = true
    void hub.stop()
  })
  return connected
}
