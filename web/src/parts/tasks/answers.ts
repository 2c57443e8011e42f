import { set, type Answers } from '@/parts/answer'

export const tasks: Answers<'taskTicked' | 'tasksTimed'> = {
  taskTicked: { describe: () => 'a task', lay: (soFar, entry) => set(soFar, entry.task, entry.steps ?? 1) },
  tasksTimed: {
    describe: (entry) => `time ${entry.time.typed}`,
    lay: (soFar, entry) => set(soFar, 'time', entry.time.typed),
  },
}
