import { VERB_NAMES, aboutVerb } from '@/core/calc';

/** Where docs/headless.md lists every verb. */
const LIST = /(<!-- verbs -->\n)[\s\S]*?(<!-- \/verbs -->)/;

/** docs/headless.md with its list of verbs as they are. */
export function withVerbs(document: string): string {
  const rows = VERB_NAMES.map((verb) => {
    const { says, example } = aboutVerb(verb);
    return `| \`${verb}\` | ${says} | \`${JSON.stringify(example)}\` |`;
  });
  return document.replace(LIST, `$1\n| verb | answers | example |\n|---|---|---|\n${rows.join('\n')}\n\n$2`);
}
