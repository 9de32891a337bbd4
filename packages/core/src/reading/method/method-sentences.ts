import type { Method, Operation } from '../../recipe/method/operation.js';
import { wordsOf } from '../../larder/search-words.js';
import { durationIn, temperatureIn } from '../text/duration.js';
import { toolWords, usualFigures as u } from './method-words.params.js';

/** One sentence of a method: what was understood of it as operations; a note where nothing was. */
export interface ReadStep {
  readonly text: string;
  readonly operations: Method;
  /** Ids of the lines that it names. */
  readonly lines: readonly string[];
}

/** A line by which sentences may call it. */
export interface NamedLine {
  readonly id: string;
  readonly name: string;
}

type Timed = Pick<Operation, 'minutes' | 'mostMinutes'>;

function timed(text: string, usual: number): Timed {
  const time = durationIn(text);
  if (!time) return { minutes: usual };
  const minutes = Math.round(time.low * 10) / 10,
    most = Math.round(time.high * 10) / 10;
  return { minutes, ...(most > minutes ? { mostMinutes: most } : {}) };
}
const minutesOnly = (text: string, usual: number): Pick<Operation, 'minutes'> => {
  const { minutes = usual, mostMinutes } = timed(text, usual);
  return { minutes: mostMinutes === undefined ? minutes : (minutes + mostMinutes) / 2 };
};

const toolIn = (text: string) => toolWords.find(([words]) => words.test(text))?.[1];

function blendOf(text: string): Operation | undefined {
  const tool = toolIn(text);
  if (/\bpuls(?:e|ing)\b/i.test(text) && !/\bpulses\b/i.test(text))
    return { kind: 'pulse', tool: tool ?? 'processor', seconds: u.pulseSeconds };
  if (!/\b(?:blend|blitz|pur[eé]e|liquidi[sz]e|process|whi[sz]z?|purée|blended|blending)\b/i.test(text))
    return undefined;
  if (
    /\b(?:blended|smooth) (?:sauce|mixture|cream)\b/i.test(text) &&
    !/\bblend (?:it|again|until|on|the|all|every)/i.test(text)
  )
    return undefined;
  // A time before the verb belongs to what was done before.
  const verb = /\b(?:blend|blitz|pur[eé]e|liquidi[sz]e|process|whi[sz]z?)/i.exec(text)?.index ?? 0;
  const time = durationIn(text.slice(verb));
  const seconds = time
    ? Math.round(((time.low + time.high) / 2) * 60)
    : /smooth|creamy|silky/i.test(text)
      ? u.smoothSeconds
      : u.blendSeconds;
  return { kind: 'blend', tool: tool ?? 'jug', seconds: Math.min(seconds, 900) };
}

function heatOf(text: string): Operation | undefined {
  const tC = temperatureIn(text);
  if (/\b(?:oven|bake|baked|roast|grill)\b/i.test(text)) return undefined;
  if (
    /\b(?:reduce[sd]?|boil(?:ed)? down|cook(?:ed)? down|until (?:it has )?(?:reduced|halved)|reduced by)\b/i.test(
      text,
    ) &&
    !/\breduce (?:the )?heat\b/i.test(text)
  )
    return { kind: 'boil-down', ...timed(text, u.reduceMinutes) };
  const pot =
    /\b(?:heat|warm|cook|simmer|boil|bubbl\w*|bring|whisk\w* (?:constantly|continuously)|melt|saut[eé]|soften|fry|sweat|thicken\w*)\b/i.test(
      text,
    );
  if (!pot && tC === undefined) return undefined;
  if (
    !pot ||
    (/\b(?:preheat|boiling water|heat the oil|let (?:it )?cool|off the heat|remove from the heat)\b/i.test(
      text.replace(/bring .*? to (?:a|the) boil/i, ''),
    ) &&
      !/\bsimmer|until thick|cook\b/i.test(text))
  )
    return undefined;
  const simmers = /\bsimmer|bubbl/i.test(text),
    boils = /\bboil/i.test(text),
    thick = /\bthick/i.test(text),
    low = /\b(?:low|gentle|gently|lowest) ?(?:heat)?\b/i.test(text),
    warms = /\bwarm(?:ed)?\b/i.test(text) && !simmers && !boils && !thick;
  const temperatureC =
    tC ??
    (boils && !simmers
      ? u.boilC
      : simmers
        ? u.simmerC
        : thick
          ? u.thickC
          : warms
            ? u.warmC
            : low
              ? u.lowC
              : u.thickC);
  const usual = thick ? u.thickenMinutes : boils && !simmers ? u.boilMinutes : u.simmerMinutes;
  return {
    kind: 'heat',
    temperatureC: Math.min(Math.max(temperatureC, 30), 100),
    ...minutesOnly(text, usual),
    ...(low || /\bslowly\b/i.test(text) ? { rateCPerMin: 3 } : {}),
  };
}

function laterOf(text: string): Operation | undefined {
  const tC = temperatureIn(text);
  if (
    /\b(?:bake|grill|oven|roast)\b/i.test(text) &&
    !/\bpreheat\b/i.test(text) &&
    (durationIn(text) || tC !== undefined)
  )
    return {
      kind: 'bake',
      ovenC: Math.min(Math.max(tC ?? u.ovenC, 60), 300),
      ...timed(text, u.bakeMinutes),
      lid: /\bcover(?:ed)?\b|\bfoil\b/i.test(text) ? 'on' : 'open',
    };
  if (/\b(?:chill|refrigerate|fridge|refrigerator|set overnight|firm up)\b/i.test(text))
    return { kind: 'chill', ...minutesOnly(text, u.chillMinutes) };
  if (/\b(?:strain|sieve|muslin|cheesecloth|nut milk bag|nut bag)\b/i.test(text))
    return {
      kind: 'strain',
      through: /\bsieve\b|\bstrainer\b/i.test(text)
        ? 'sieve'
        : /\bdrip\b|\bovernight\b/i.test(text)
          ? 'dripped'
          : 'squeezed',
    };
  if (/\bsettle\b/i.test(text) && /\bpour (?:off|away)\b/i.test(text))
    return { kind: 'settle', ...timed(text, 480) };
  if (/\b(?:cool|cooled|room temperature)\b/i.test(text) && !/\bcool water\b/i.test(text))
    return { kind: 'cool', ...minutesOnly(text, u.coolMinutes) };
  if (/\b(?:keep|hold) (?:it )?warm\b/i.test(text)) return { kind: 'hold', ...minutesOnly(text, 15) };
  if (/\b(?:rest|stand|sit|leave|set aside)\b/i.test(text) && durationIn(text))
    return { kind: 'stand', ...minutesOnly(text, u.standMinutes) };
  return undefined;
}

/** Whether a sentence puts in what it names. */
const PUTS_IN =
  /\b(?:add|stir|whisk|mix|combine|put|place|pour|tip|season|fold|sprinkle|squeeze|throw|toss|beat|in a (?:bowl|pan|blender|pot|saucepan)|with)\b/i;
const IN_PIECES = /\b(?:stir|fold|toss|scatter|sprinkle)\b/i;
const EVERYTHING =
  /\b(?:all|every|everything|the (?:rest|remaining|other)) ?(?:of )?(?:the )?(?:ingredients?|else)?\b/i;

/** Lines a sentence names: by the last word of their names, or all of it. */
function named(text: string, lines: readonly NamedLine[]): readonly string[] {
  const words = new Set(wordsOf(text));
  return lines
    .filter(({ name }) => {
      const own = wordsOf(name);
      const head = own.at(-1);
      return (
        own.length > 0 &&
        (own.every((word) => words.has(word)) ||
          (head !== undefined && head.length > 2 && words.has(head)) ||
          (own[0]!.length > 3 && words.has(own[0]!)))
      );
    })
    .map(({ id }) => id);
}

const SENTENCE = /(?<=[.!;])\s+(?=[A-Z0-9])|\n+/;
/** What is done to single things before the pot is said on their lines. */
const AHEAD = /\b(?:soak|drain|rinse|peel|chop|preheat|wash)\b/i;

/** What is left out of everything: "all but the chiles", "everything except the lemon juice and herbs", "all the rest, leaving out the salt". */
const EXCEPT =
  /\b(?:but(?: not)?|except(?:ing)?(?: for)?|apart from|aside from|other than|save(?: for)?|without|minus|leaving out|omitting|not including|holding back|reserving)\b(.*?)(?=[.;:]|,\s*(?:and|then|blend|put|add|stir)\b|\s(?:in(?:to)? (?:a|the|your)|to (?:a|the)|until|for \d|and (?:blend|heat|cook|stir|bring|simmer|whisk|process|blitz)|together)\b|$)/i;

/** Lines that a sentence keeps out for later, and the sentence without them. */
function keptOut(
  sentence: string,
  lines: readonly NamedLine[],
): { readonly out: readonly string[]; readonly said: string } {
  const everything = EVERYTHING.exec(sentence);
  if (!everything) return { out: [], said: sentence };
  const before = sentence.slice(0, everything.index),
    after = sentence.slice(everything.index);
  const except = EXCEPT.exec(after);
  if (!except) return { out: [], said: sentence };
  return {
    out: named(except[1] ?? '', lines),
    said: `${before}${after.slice(0, except.index)} ${after.slice(except.index + except[0].length)}`,
  };
}

/** What is put in only once the rest of its sentence is done: "heat for 5 minutes, then stir in the chiles". */
const THEN_IN =
  /,?\s*(?:and\s+)?(?:then|finally|at the end)\s+(?=(?:stir|add|fold|whisk|mix|pour|sprinkle|scatter)\b)/i;

/** "Stir in.", "Add them at the end.": what was kept out is meant. */
const MEANS_KEPT_OUT =
  /\b(?:stir|fold|mix|whisk|add|scatter|sprinkle|tip)\b(?:[^.]*\b(?:in|them|it|those|these|over|through)\b|\s*\.?$)/i;

/** The sentences of a method, each with what is done; what is only said stays a note. What was kept out of the rest goes in where it is named again, else last. */
export function readMethod(text: string, lines: readonly NamedLine[]): readonly ReadStep[] {
  const unused = new Set(lines.map(({ id }) => id)),
    waits = new Set<string>();
  const steps = text
    .split(SENTENCE)
    .map((sentence) => sentence.replace(/^\s*(?:step\s*)?\d{1,2}[.):]\s*/i, '').trim())
    .flatMap((sentence) => sentence.split(THEN_IN))
    .filter((sentence) => /[a-z]/i.test(sentence))
    .map((sentence): ReadStep => {
      const { out, said } = keptOut(sentence, lines);
      const acts = actsOf(said);
      const puts = PUTS_IN.test(said) || acts.some(({ kind }) => FILLS.has(kind));
      const here = named(said, lines).filter((id) => unused.has(id) && !out.includes(id));
      const rest = EVERYTHING.test(said) && puts ? [...unused].filter((id) => !out.includes(id)) : [];
      const meant =
        puts && here.length + rest.length === 0 && waits.size > 0 && MEANS_KEPT_OUT.test(said)
          ? [...waits].filter((id) => unused.has(id))
          : [];
      const goes = puts && !AHEAD.test(said) ? [...new Set([...here, ...rest, ...meant])] : [];
      const pieces = goes.length > 0 && acts.length === 0 && IN_PIECES.test(said) && LEAFY.test(said);
      goes.forEach((id) => {
        unused.delete(id);
        waits.delete(id);
      });
      out.filter((id) => unused.has(id)).forEach((id) => waits.add(id));
      return {
        text: sentence,
        lines: goes,
        operations: [
          ...(goes.length > 0 ? [{ kind: pieces ? 'stir-in' : 'put-in', lines: goes } as const] : []),
          ...acts,
        ],
      };
    });
  const last = steps.at(-1);
  if (waits.size === 0 || !last) return steps;
  const late = [...waits];
  return [
    ...steps.slice(0, -1),
    {
      ...last,
      lines: [...last.lines, ...late],
      operations: [...last.operations, { kind: 'put-in', lines: late }],
    },
  ];
}

/** Work that puts in what it names: "blend the cashews with the water". */
const FILLS: ReadonlySet<Operation['kind']> = new Set(['blend', 'pulse', 'heat', 'boil-down']);
/** What is stirred in whole. */
const LEAFY = /\bchopped|herbs?|parsley|chives|dill|basil|coriander|mint|pieces\b/i;

/** What a sentence does to the pot, in its order. */
const actsOf = (sentence: string): readonly Operation[] =>
  [blendOf(sentence), heatOf(sentence), laterOf(sentence)]
    .filter((one): one is Operation => one !== undefined)
    .sort((a, b) => placeOf(sentence, a) - placeOf(sentence, b));

/** Where in a sentence an operation is spoken of. */
function placeOf(text: string, { kind }: Operation): number {
  const words: Partial<Record<Operation['kind'], RegExp>> = {
    blend: /blend|blitz|pur[eé]e|process|whiz/i,
    pulse: /puls/i,
    heat: /heat|warm|cook|simmer|boil|bring|melt|fry|soften/i,
    'boil-down': /reduc|boil|cook/i,
  };
  const at = words[kind]?.exec(text)?.index;
  return at ?? text.length;
}
