/** What is wrong, in place; nothing while all is well. */
export function FieldError({ says }: { says: string }) {
  return says ? (
    <p role="alert" className="text-error text-small">
      {says}
    </p>
  ) : null
}
