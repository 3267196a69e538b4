/** The trimmed text of a form's field, empty when there is none. */
export function formText(form: HTMLFormElement, field: string): string {
  const value = new FormData(form).get(field);
  return typeof value === 'string' ? value.trim() : '';
}
