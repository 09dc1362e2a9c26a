/** The text of one field of a form; "" for a file or a field that is not there. */
export function fieldText(form: FormData, field: string): string {
  const value = form.get(field)
  return typeof value === 'string' ? value : ''
}
