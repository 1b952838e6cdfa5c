/** Puts text into a field as if it had been typed there: the page hears of it as of any typing. */
export function enterText(field: HTMLInputElement, text: string): void {
  field.focus();
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(field, text);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}
