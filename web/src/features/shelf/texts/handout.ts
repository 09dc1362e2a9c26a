import type { ExerciseView, Task } from '../../../api/client'

/** An exercise as plain text: what to do, the box if there is one, the tasks; then the answers, for the teacher. */
export function handout(kind: ExerciseView, tasks: readonly Task[]): string {
  const { boxed } = kind
  const box = boxed && tasks[0] ? [tasks[0].options.join('   '), ''] : []
  const lines = tasks.map((t, i) => [`${i + 1}. ${t.says}`, boxed ? '' : t.options.join(' / ')].filter(Boolean).join('   '))
  const answers = tasks.map((t, i) => `${i + 1}. ${t.answer.join(', ')}`)
  return [kind.title, kind.asks, '', ...box, ...lines, '', 'Answers', ...answers, ''].join('\n')
}
