import {
  FAMILIES,
  FAMILY_NAMES,
  type FamilyName,
  MANNERS,
  type Manner,
  sizeIn,
  sizeSpec,
  type SizeName,
  formOf,
  isNeeded,
  outlineOf,
  sectionOf,
  widest,
} from '@/core/form';

/** docs/forms.md and its drawings, made from the forms themselves. */

const PX = { width: 320, height: 240, margin: 14 };

const INTROS: Record<FamilyName, string> = {
  cylinder:
    'A frustum from base to rim. The inside is the frustum from the floor’s top to the rim’s plane; the wall is measured square to the surface. Walls lean up to 60 degrees.',
  flared:
    'A straight or tapered body, and above it a lip that goes on as the body leans and curves out: a parabola. It turns up to 60 degrees from upright.',
  bowl: 'The wall follows part of a circle, stretched to its height and widths: round from 20 to 90 degrees from straight down, deep from 42 to 90, shallow from 12 to 55.',
  plate:
    'A flat well as thick as the floor and a straight rim as thick as the wall, with an upright edge. How far the rim rises follows from height and rim width; in the application the angle can be typed too.',
  jar: 'From the base a quarter of a sine out to the belly, half a cosine in to an upright collar. A gallery is a ledge turned into the inside of the collar, carried by a slope of 45 degrees.',
  bottle: 'Belly and shoulder as a jar’s, an upright neck from the top of the shoulder, and a lip that curves out of it.',
  box: 'Four flat sides between a base and a rim, each with two widths; sides lean up to 60 degrees. The section is the one the long way; clay and capacity come from the plan at every height.',
  oval: 'An ellipse at base and rim; places that face the same way are joined by straight lines, so the wall bends from a flat slab without stretching.',
  faceted: 'Equal flat sides, three to twelve; widths are across the flats (with an odd number, twice from the middle to a side).',
  tile: 'A flat slab with four corners. Height is its thickness; it holds nothing.',
  disc: 'A flat round slab. Height is its thickness; it holds nothing.',
  profile:
    'Points up the outside from the foot’s edge to the rim, smooth (a centripetal Catmull-Rom spline) or corners. The headless contract takes them as `points`: `[{"r", "z", "corner"?}]` in mm, the first on the bat, the last the rim; height and rimDiameter follow from the last.',
};

/** The section of a typical piece of a family, cut through, as SVG. */
function drawing(family: FamilyName, manner: Manner): string {
  const { typical, knots } = FAMILIES[family];
  const outline = outlineOf(formOf({ family, manner, knots }, 'glazed', typical));
  const section = sectionOf(outline);
  const high = Math.max(...section.map(({ z }) => z));
  const scale = Math.min((PX.width - 2 * PX.margin) / (2 * widest(section)), (PX.height - 2 * PX.margin) / high);
  const base = PX.height - PX.margin - (PX.height - 2 * PX.margin - high * scale) / 2;
  const half = (side: 1 | -1) =>
    `M${section.map(({ r, z }) => `${(PX.width / 2 + side * r * scale).toFixed(1)} ${(base - z * scale).toFixed(1)}`).join('L')}Z`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${PX.width}" height="${PX.height}" viewBox="0 0 ${PX.width} ${PX.height}">`,
    `<rect width="100%" height="100%" fill="#fdfdfb"/>`,
    `<path d="${half(1)}${half(-1)}" fill="#f3c5b8" stroke="#a33a1a" stroke-width="1.5" stroke-linejoin="round"/>`,
    `<path d="M${PX.width / 2} ${PX.margin / 2}V${PX.height - PX.margin / 2}" stroke="#6d7b80" stroke-dasharray="12 4 2 4"/>`,
    `<path d="M${PX.margin} ${base.toFixed(1)}H${PX.width - PX.margin}" stroke="#15222a" stroke-width="1.5"/>`,
    '</svg>\n',
  ].join('\n');
}

/** The manners worth a drawing of their own. */
function drawn(family: FamilyName): { name: string; manner: Manner; words: string }[] {
  const { choices, manner } = FAMILIES[family];
  const [shown] = choices.filter((choice) => choice !== 'foot' && choice !== 'sides');
  if (!shown) return [{ name: family, manner, words: FAMILIES[family].words }];
  return Object.entries(MANNERS[shown]).map(([value, words]) => ({
    name: `${family}-${value}`,
    manner: { ...manner, [shown]: value },
    words: `${FAMILIES[family].words}, ${words.toLowerCase()}`,
  }));
}

function needed(name: SizeName, family: FamilyName): string {
  if (name === 'wallAtFoot') return 'as `wall` when left out';
  if (name === 'footHeight' || name === 'footWidth') return 'with a foot ring';
  if (name === 'galleryWidth' || name === 'galleryDepth') return 'with a gallery';
  return family === 'profile' && (name === 'height' || name === 'rimDiameter') ? 'from the points' : isNeeded(name, {}) ? 'yes' : '';
}

function chapter(family: FamilyName): string {
  const { words, about, sizes, choices, typical } = FAMILIES[family];
  // widths inside are sizes of the application; the contract has none
  const rows = sizes
    .filter((name) => !sizeSpec(name).inside)
    .map(
      (name) =>
        `| \`${name}\` | ${sizeIn(family, name).words} | ${sizeIn(family, name).direction} | ${needed(name, family)} | ${typical[name] ?? ''} |`,
    );
  const chosen = choices.map(
    (choice) =>
      `\`${choice}\`: ${Object.keys(MANNERS[choice])
        .map((value) => `\`${value}\``)
        .join(', ')}.`,
  );
  return [
    `## ${words}: \`${family}\``,
    `${about[0]!.toUpperCase()}${about.slice(1)}. ${INTROS[family]}`,
    drawn(family)
      .map(({ name, words: alt }) => `![${alt}, cut through](forms/${name}.svg)`)
      .join('\n'),
    ['| size | what | shrinks as | needed | typical, mm |', '|---|---|---|---|---|', ...rows].join('\n'),
    ...(chosen.length ? [`Chosen: ${chosen.join(' ')}`] : []),
  ].join('\n\n');
}

const HEAD = `# Forms

Made by \`npm run docs\` from \`src/core/form\`; a test holds it to them. Every form resolves to one closed outline: under the
foot, up the outside, over the rim, down the inside (\`form/section.ts\`). Clay, capacity, areas, weights and drawings come from it.
Curves are sampled until clay and capacity move by less than 0.04%. A form is accepted when its sizes go together
(\`fault\` of its family) and its outline does not cross itself, keeps the inside within the outside, and is nowhere thinner than
0.6 of its thinnest wall or floor.

Widths are outside. Walls are measured square to the surface and may thicken evenly towards the foot; floors are measured
along the axis. A foot is left flat (\`flat\`) or a ring is turned under it (\`ring\`), whose hollow is clay in the ball. In the headless
contract sizes and choices stand flat in \`form\`; a ring or a gallery is meant where its sizes are given.
In \`solve\`, walls, floors, foot rings and galleries stay; everything else scales.`;

/** Every file of the documentation of forms, by its path. */
export function formDocs(): Record<string, string> {
  const drawings = FAMILY_NAMES.flatMap(filesOf);
  return { 'docs/forms.md': `${[HEAD, ...FAMILY_NAMES.map(chapter)].join('\n\n')}\n`, ...Object.fromEntries(drawings) };
}

const filesOf = (family: FamilyName): [string, string][] =>
  drawn(family).map(({ name, manner }) => [`docs/forms/${name}.svg`, drawing(family, manner)]);
