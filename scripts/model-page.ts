import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { courseParameters } from '../packages/core/src/predict/course/course.params';
import { evaporationParameters } from '../packages/core/src/predict/course/evaporation.params';
import { scaleParameters } from '../packages/core/src/propose/scale/scale.params';
import { settleParameters } from '../packages/core/src/predict/course/settle.params';
import { partRows } from '../packages/core/src/larder/preparation/part.params';
import { pressRows, saltRows } from '../packages/core/src/larder/preparation/weep.params';
import { strainParameters } from '../packages/core/src/predict/course/strain.params';
import { strainRows } from '../packages/core/src/larder/preparation/strain.params';
import { readyParameters } from '../packages/core/src/predict/ready/ready.params';
import { boilRows } from '../packages/core/src/larder/preparation/boil.params';
import { fryRows, roastRows } from '../packages/core/src/larder/preparation/dry-heat.params';
import { aromaRates } from '../packages/core/src/larder/preparation/aroma.params';
import { soakRows } from '../packages/core/src/larder/preparation/soak.params';
import { toolRows } from '../packages/core/src/recipe/method/tool.params';
import { drinkers, releases } from '../packages/core/src/dish/moisture.params';
import { softenRows } from '../packages/core/src/predict/ready/soften.params';
import { swellMinutes } from '../packages/core/src/predict/ready/swell';
import type { Parameter } from '../packages/core/src/numeric/parameter';
import { assemblyParameters } from '../packages/core/src/predict/assemble/assemble.params';
import {
  crystalFamily,
  eutectics,
  fatParameters,
  meltedAgainstOil,
  SFC_TEMPERATURES,
  solidFatContent,
} from '../packages/core/src/predict/fat/solid-fat.params';
import { fleckParameters } from '../packages/core/src/predict/colour/flecks.params';
import { dryingParameters } from '../packages/core/src/predict/heat/drying.params';
import { homeTestParameters } from '../packages/core/src/predict/home-test/home-test.params';
import { comminutionParameters } from '../packages/core/src/predict/particle/comminution.params';
import {
  fibreVolumeParameters,
  proteinVolumeParameters,
  suspensionParameters,
} from '../packages/core/src/predict/particle/suspension.params';
import { creamingParameters } from '../packages/core/src/predict/stability/creaming.params';
import { curdlingParameters } from '../packages/core/src/predict/stability/curdling.params';
import { weepingParameters } from '../packages/core/src/predict/stability/weeping';
import { gelatinizationParameters } from '../packages/core/src/predict/starch/gelatinization.params';
import { starches } from '../packages/core/src/predict/starch/starch.params';
import { pullParameters } from '../packages/core/src/predict/stretch/pull-length.params';
import { sugarSweetnessParameters } from '../packages/core/src/predict/taste/sugar.params';
import { umamiParameters } from '../packages/core/src/predict/taste/taste.params';
import { gelNeedsParameters, gumPairs, solutes } from '../packages/core/src/predict/thickener/gum.params';
import {
  solventParameters,
  sugarThickeningParameters,
} from '../packages/core/src/predict/thickener/solvent.params';
import { dropletParameters } from '../packages/core/src/predict/particle/droplet.params';
import { sourFlocParameters } from '../packages/core/src/predict/particle/sour-flocs.params';
import {
  blockParameters,
  freezingParameters,
  keepsDays,
  keepsParameters,
  mouthParameters,
} from '../packages/core/src/predict/keeping/keeping.params';
import { consistencyParameters } from '../packages/core/src/predict/thickness/consistency.params';
import { kitchenOffsets } from '../packages/core/src/predict/uncertainty/kitchen-offsets.params';

/** Writes the parameter tables of docs/model.md from the parameter files; `-- --check` only says whether they are current. */
const page = join(process.cwd(), 'docs/model.md');

const table = (heads: readonly string[], rows: readonly (readonly unknown[])[]): string =>
  [heads, heads.map(() => '---'), ...rows]
    .map(
      (row) =>
        `| ${row.map((cell) => (cell === undefined ? '' : String(cell).replaceAll('|', '\\|'))).join(' | ')} |`,
    )
    .join('\n');
const figure = (value: number): string => String(Number(value.toPrecision(5)));

const ofParameters = (rows: Readonly<Record<string, Parameter>>): string =>
  table(
    ['parameter', 'value', 'unit', 'CV', '', 'from'],
    Object.entries(rows).map(([name, { value, unit, cv, provenance, basis }]) => [
      `\`${name}\``,
      figure(value),
      unit,
      cv,
      provenance,
      basis,
    ]),
  );

/** A table of rows that are alike: one column a field, what is absent left empty. */
const ofRows = (rows: Readonly<Record<string, object>>): string => {
  const flat = Object.entries(rows).map(
    ([name, row]) =>
      [
        name,
        Object.fromEntries(
          Object.entries(row).flatMap(([key, value]) =>
            value !== null && typeof value === 'object'
              ? Object.entries(value as object).map(([inner, one]) => [`${key}.${inner}`, one as unknown])
              : [[key, value as unknown]],
          ),
        ) as Record<string, unknown>,
      ] as const,
  );
  const heads = [...new Set(flat.flatMap(([, row]) => Object.keys(row)))];
  return table(
    ['', ...heads],
    flat.map(([name, row]) => [name, ...heads.map((head) => row[head])]),
  );
};

const tables: Readonly<Record<string, () => string>> = {
  assembly: () => ofParameters(assemblyParameters),
  ready: () => ofParameters(readyParameters),
  course: () => ofParameters(courseParameters),
  scaling: () => ofParameters(scaleParameters),
  settling: () => ofParameters(settleParameters),
  parts: () => ofRows(partRows),
  'salt-and-weight': () => ofRows({ ...saltRows, ...pressRows }),
  evaporation: () => ofParameters(evaporationParameters),
  soaking: () => ofRows(soakRows),
  boiling: () => ofRows(boilRows),
  frying: () => ofRows(fryRows),
  roasting: () => ofRows(roastRows),
  strain: () => ofParameters(strainParameters),
  straining: () => ofRows(strainRows),
  aroma: () => table(['', '1/min at 97 °C'], Object.entries(aromaRates)),
  swelling: () => table(['', 'min to nine tenths at 20 °C'], Object.entries(swellMinutes)),
  releases: () => ofRows(Object.fromEntries(releases)),
  drinkers: () => ofRows(Object.fromEntries(drinkers)),
  softening: () => ofRows(Object.fromEntries(softenRows)),
  tools: () => ofRows(toolRows),
  drying: () => ofParameters(dryingParameters),
  starches: () => ofRows(starches),
  gelatinization: () => ofParameters(gelatinizationParameters),
  gums: () => ofRows(solutes),
  'protein-volume': () => ofParameters(proteinVolumeParameters),
  'fibre-volume': () => ofParameters(fibreVolumeParameters),
  suspension: () => ofParameters(suspensionParameters),
  consistency: () => ofParameters(consistencyParameters),
  pull: () => ofParameters(pullParameters),
  comminution: () => ofParameters(comminutionParameters),
  weeping: () => ofParameters(weepingParameters),
  creaming: () => ofParameters(creamingParameters),
  curdling: () => ofParameters(curdlingParameters),
  umami: () => ofParameters(umamiParameters),
  'sugar-sweetness': () => ofParameters(sugarSweetnessParameters),
  'sugar-thickening': () => ofParameters(sugarThickeningParameters),
  solvent: () => ofParameters(solventParameters),
  'gum-pairs': () => ofRows(Object.fromEntries(gumPairs.map(({ of, ...row }) => [of.join(' and '), row]))),
  'gel-needs': () => ofParameters(gelNeedsParameters),
  droplets: () => ofParameters(dropletParameters),
  'sour-flocs': () => ofParameters(sourFlocParameters),
  melted: () =>
    table(
      ['fat', 'family of crystals', 'viscosity melted, of an oil'],
      Object.entries(meltedAgainstOil).map(([name, of]) => [
        name,
        crystalFamily[name as keyof typeof crystalFamily],
        of,
      ]),
    ),
  eutectics: () => table(['family', 'with', 'share of the solids lost'], eutectics),
  block: () => ofParameters(blockParameters),
  freezing: () => ofParameters(freezingParameters),
  'keeps-days': () => table(['kind', 'd at 5 °C'], Object.entries(keepsDays)),
  keeps: () => ofParameters(keepsParameters),
  mouth: () => ofParameters(mouthParameters),
  flecks: () => ofParameters(fleckParameters),
  'solid-fat': () =>
    table(
      ['fat, % solid at', ...SFC_TEMPERATURES.map((t) => `${t} °C`)],
      Object.entries(solidFatContent).map(([name, row]) => [name, ...row]),
    ),
  fat: () => ofParameters(fatParameters),
  offsets: () => ofRows(kitchenOffsets),
  'home-test': () => ofParameters(homeTestParameters),
};

const before = readFileSync(page, 'utf8');
const filled = new Set<string>();
const after = before.replace(/<!-- begin ([\w-]+) -->[\s\S]*?<!-- end \1 -->/g, (whole, name: string) => {
  const write = tables[name];
  if (!write) throw new Error(`docs/model.md asks for a table “${name}” that nothing writes`);
  filled.add(name);
  return `<!-- begin ${name} -->\n${write()}\n<!-- end ${name} -->`;
});
const missing = Object.keys(tables).filter((name) => !filled.has(name));
if (missing.length > 0) throw new Error(`docs/model.md has no place for: ${missing.join(', ')}`);
if (process.argv.includes('--check')) {
  if (after !== before) console.error('docs/model.md is not what the parameters say: npm run model:page');
  process.exit(after === before ? 0 : 1);
}
writeFileSync(page, after);
console.log(`${filled.size} tables of docs/model.md are as the parameters say.`);
