import type { ConditionCount } from '../api/client'

/** On what ground a rule is failed, or kept, with counts: "a consonant stands …: 5 of 6". */
export function Conditions({ title, marks }: { title: 'Broken' | 'Kept'; marks: ConditionCount[] }) {
  const known = marks.filter((m) => m.says !== '')
  if (known.length === 0) return null
  return (
    <section aria-label={title} className="mb-1.5">
      <h3 className="text-small font-semibold">{title}</h3>
      <ul className="text-small flex flex-col gap-0.5">
        {known.map((m) => (
          <li key={m.condition} className="flex gap-2">
            <span className="grow inline-block first-letter:uppercase">{m.says}</span>
            <span className="mute whitespace-nowrap">{title === 'Broken' ? `${m.failures} of ${m.opportunities} failed` : `${m.opportunities - m.failures} of ${m.opportunities} kept`}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
