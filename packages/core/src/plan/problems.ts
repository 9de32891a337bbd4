import type { Evening, PlanTask, Span } from './task.js';

/** What makes an evening no evening, by the field it stands in. */
export interface EveningProblem {
  readonly field: string;
  readonly message: string;
}

/** Ids that follow themselves, however far round. */
function circle({ tasks }: Evening): readonly string[] {
  const before = new Map(tasks.map(({ id, after }) => [id, after.map((lag) => lag.id)]));
  const done = new Set<string>();
  for (const { id } of tasks) {
    const path: string[] = [];
    const walk = (at: string): readonly string[] => {
      if (path.includes(at)) return [...path.slice(path.indexOf(at)), at];
      if (done.has(at)) return [];
      path.push(at);
      for (const next of before.get(at) ?? []) {
        const found = walk(next);
        if (found.length > 0) return found;
      }
      path.pop();
      done.add(at);
      return [];
    };
    const found = walk(id);
    if (found.length > 0) return found;
  }
  return [];
}

/** Nobody and nothing has hours. */
const always: ReadonlyMap<string, readonly Span[]> = new Map();

const hoursProblems = (
  field: string,
  hours: ReadonlyMap<string, readonly Span[]>,
): readonly EveningProblem[] =>
  [...hours].flatMap(([what, spans]) =>
    spans.flatMap(({ from, to }, i) =>
      from < to
        ? []
        : [
            {
              field: `${field}.${what}[${i}]`,
              message: `“${what}” ends before it begins: turn the times round.`,
            },
          ],
    ),
  );

/** What is wrong with one task by itself. @param seen ids of those before it */
function taskProblems(task: PlanTask, at: string, seen: ReadonlySet<string>, cooks: readonly string[]) {
  const problems: EveningProblem[] = [];
  if (seen.has(task.id))
    problems.push({
      field: `${at}.id`,
      message: `Two tasks are called “${task.id}”; give each its own id.`,
    });
  if (task.minutes.low > task.minutes.high)
    problems.push({
      field: `${at}.minutes`,
      message: `“${task.id}” takes at least longer than at most: ${task.minutes.low} to ${task.minutes.high} minutes.`,
    });
  if (task.cook !== undefined && !cooks.includes(task.cook))
    problems.push({
      field: `${at}.cook`,
      message: `“${task.cook}” is to do “${task.id}”, but is not among the cooks.`,
    });
  return problems;
}

/** What is wrong with what a task comes after. */
const lagProblems = (task: PlanTask, i: number, ids: ReadonlySet<string>): readonly EveningProblem[] =>
  task.after.flatMap((lag, k) => {
    const at = `tasks[${i}].after[${k}]`,
      problems: EveningProblem[] = [];
    if (!ids.has(lag.id))
      problems.push({
        field: `${at}.id`,
        message: `“${task.id}” comes after “${lag.id}”, but there is no such task.`,
      });
    if (lag.most !== undefined && lag.least > lag.most)
      problems.push({
        field: at,
        message: `“${task.id}” waits at least ${lag.least} and at most ${lag.most} minutes for “${lag.id}”: turn them round.`,
      });
    return problems;
  });

/** What is wrong with when somebody is up, or somebody or something can be had. */
function whenProblems({ awake, open = always, present = always, cooks }: Evening): readonly EveningProblem[] {
  const problems = [...hoursProblems('open', open), ...hoursProblems('present', present)];
  for (const cook of present.keys())
    if (!cooks.includes(cook))
      problems.push({
        field: `present.${cook}`,
        message: `It is said when “${cook}” is there, who is not among the cooks.`,
      });
  awake.forEach(({ from, to }, i) => {
    if (from >= to)
      problems.push({
        field: `awake[${i}]`,
        message: 'Somebody is up until before they rise: turn the times round.',
      });
  });
  return problems;
}

/** Everything that has to be put right before an evening can be planned. */
export function problemsOfEvening(evening: Evening): readonly EveningProblem[] {
  const { tasks, cooks, serveAt } = evening;
  const seen = new Set<string>(),
    problems: EveningProblem[] = [];
  tasks.forEach((task, i) => {
    problems.push(...taskProblems(task, `tasks[${i}]`, seen, cooks));
    seen.add(task.id);
  });
  tasks.forEach((task, i) => problems.push(...lagProblems(task, i, seen)));
  const round = problems.length === 0 ? circle(evening) : [];
  if (round.length > 0)
    problems.push({
      field: 'tasks',
      message: `These follow each other in a circle: ${round.join(' → ')}. Leave one of the links out.`,
    });
  if (!(serveAt > 0))
    problems.push({
      field: 'serveAt',
      message:
        'The time of serving lies before the day before: give minutes from midnight of the day before.',
    });
  if (cooks.length === 0 && tasks.some(({ hands }) => hands))
    problems.push({ field: 'cooks', message: 'Somebody has to cook: name one cook at least.' });
  return [...problems, ...whenProblems(evening)];
}
