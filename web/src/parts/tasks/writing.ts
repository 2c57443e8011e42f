import type { WritingKind } from '@/parts/kind'
import TasksStrip from './TasksStrip.vue'

export const tasks: WritingKind<'tasks'> = {
  label: 'Tasks done',
  fresh: () => ({ kind: 'tasks', items: [{ id: 'task1', name: '', points: 5, steps: 1 }], allDoneBonus: 0 }),
  strip: TasksStrip,
}
