import { LESSON_NAMES, LESSONS } from '@/core/telling';

/** Where docs/how-it-computes.md lists what is learned. */
const LIST = /(<!-- lessons -->\n)[\s\S]*?(<!-- \/lessons -->)/;

/** docs/how-it-computes.md with its list of lessons as they are. */
export function withLessons(document: string): string {
  const rows = LESSON_NAMES.map((name) => {
    const { from, replaces, moves } = LESSONS[name];
    return `| ${name} | ${from} | ${replaces} | ${moves} |`;
  });
  return document.replace(LIST, `$1\n| lesson | it is from | it replaces | it moves |\n|---|---|---|---|\n${rows.join('\n')}\n\n$2`);
}
