import { set, type Answers } from '@/parts/answer'

export const tasks: Answers<'taskTicked' | 'tasksTimed'> = {
  taskTicked: { says: () => 'a task', lay: (soFar, entry) => set(soFar, entry.task, entry.steps ?? 1) },
  tasksTimed: {
    says: (entry) => `time ${entry.time.typed}`,
    lay: (soFar, entry) => set(soFar, 'time', entry.time.typed),
  },
}
