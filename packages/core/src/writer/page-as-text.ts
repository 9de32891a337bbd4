import { type PageStep, type RecipePage, thingSaidInList } from './recipe-page.js';

/** Who can eat it, as it is told on a page: their name, the verdict, and why. */
export interface PagePerson {
  readonly name: string;
  readonly verdict: string;
  readonly reason?: string;
}

/** How a form of text marks a heading, a thing of a list and a step. */
interface Marks {
  readonly title: (text: string) => string;
  readonly heading: (text: string) => string;
  readonly item: (text: string) => string;
  readonly step: (text: string, n: number) => string;
  readonly words: (text: string) => string;
}

const plain: Marks = {
  title: (text) => text,
  heading: (text) => text.toUpperCase(),
  item: (text) => `- ${text}`,
  step: (text, n) => `${n}. ${text}`,
  words: (text) => text,
};
/** What a reader of Markdown would take for a mark is escaped. */
const escaped = (text: string): string => text.replace(/[\\`*_[\]<>#|]/g, '\\$&');
const markdown: Marks = {
  title: (text) => `# ${escaped(text)}`,
  heading: (text) => `## ${escaped(text)}`,
  item: (text) => `- ${escaped(text)}`,
  step: (text, n) => `${n}. ${escaped(text)}`,
  words: escaped,
};

const stepSaid = ({ sentence, when, lookFor, cautions }: PageStep): string =>
  [when === undefined ? '' : `${when}:`, sentence, lookFor ?? '', ...cautions].filter(Boolean).join(' ');

function linesOf(page: RecipePage, people: readonly PagePerson[], m: Marks): readonly string[] {
  const { title, kind, portions, makes, served, note, ahead, sections, keeps, cautions } = page;
  const block = (heading: string, rows: readonly string[]): readonly string[] =>
    rows.length === 0 ? [] : ['', m.heading(heading), '', ...rows];
  return [
    m.title(title),
    '',
    m.words(
      `${kind}${portions === undefined ? '' : `, ${portions} portions`}${makes === undefined ? '' : `: ${makes}`}. Served ${served}.`,
    ),
    ...(note.trim() === '' ? [] : ['', m.words(note.trim())]),
    ...block(
      'Who can eat it',
      people.map(({ name, verdict, reason }) =>
        m.item(`${name}: ${verdict}${reason === undefined ? '' : ` (${reason})`}`),
      ),
    ),
    ...block(
      'Make ready',
      ahead.map((step, i) => m.step(stepSaid(step), i + 1)),
    ),
    ...sections.flatMap((section) => [
      ...block(section.title === title ? 'What goes in' : section.title, [
        ...(section.note === undefined ? [] : [m.words(section.note), '']),
        ...section.things.map((thing) => m.item(thingSaidInList(thing))),
      ]),
      ...(section.steps.length > 0
        ? ['', ...section.steps.map((step, i) => m.step(stepSaid(step), i + 1))]
        : []),
    ]),
    ...block('How it keeps', keeps === undefined ? [] : [m.words(keeps)]),
    ...block('Cautions', cautions.map(m.item)),
    '',
    m.words(
      'Checked against what was entered and generic tables, never against the packs in your hand: read the labels.',
    ),
  ];
}

/** The page as clean text. */
export const pageAsText = (page: RecipePage, people: readonly PagePerson[] = []): string =>
  `${linesOf(page, people, plain).join('\n')}\n`;

/** The page as Markdown. */
export const pageAsMarkdown = (page: RecipePage, people: readonly PagePerson[] = []): string =>
  `${linesOf(page, people, markdown).join('\n')}\n`;
