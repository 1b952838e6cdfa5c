import type { KeyboardEvent } from 'react';

/** Enter goes down the column and on to the top of the next: a caliper that types its reading and Enter fills a table as it is. */
export function focusNextCell(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
  const cells = [...event.currentTarget.querySelectorAll<HTMLInputElement>('input[data-column]:not(:disabled)')];
  const columns = [...new Set(cells.map((cell) => cell.dataset.column))];
  const inOrder = columns.flatMap((column) => cells.filter((cell) => cell.dataset.column === column));
  const next = inOrder[inOrder.indexOf(event.target) + 1];
  next?.focus();
}
