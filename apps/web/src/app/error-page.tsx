import { useCallback, useRef } from 'react';
import { isRouteErrorResponse, Link, useLocation, useNavigate, useRouteError } from 'react-router';
import { serverAnswers, useLooking } from '../ui/when-server-answers';
import { ApiProblem, Unreachable } from '../server/api';

/** ms between two looks whether the server is back. */
const LOOK_MS = 1500;

/** A place whose code could not be fetched: the server is away, or it serves a newer build than this page. */
const isMissingCode = (error: unknown): boolean =>
  error instanceof TypeError && /dynamically imported module|module script|import/i.test(error.message);

interface Message {
  readonly title: string;
  readonly text: string;
  /** It passes by itself when the server is back. */
  readonly passes: boolean;
}

function messageOf(error: unknown): Message {
  if (error instanceof Unreachable || isMissingCode(error))
    return {
      title: 'The server does not answer',
      text: 'What you saved is on its disk, and what you typed is kept in this browser. This page comes back by itself when the server does; if it was stopped, start it again with “npm start”.',
      passes: true,
    };
  if (error instanceof ApiProblem)
    return { title: error.problem.title, text: error.problem.detail, passes: error.problem.status >= 500 };
  if (isRouteErrorResponse(error) && error.status === 404)
    return {
      title: 'There is nothing at this address',
      text: 'Go to the Bench or to the list of formulas.',
      passes: false,
    };
  return {
    title: 'Something broke on this page',
    text: 'What was saved is kept. Reload the page; if it breaks again, open another formula.',
    passes: false,
  };
}

/** Goes to the same place again as soon as the server answers. */
function useComingBack(passes: boolean, error: unknown): void {
  const navigate = useNavigate();
  const { pathname, search } = useLocation();
  const tried = useRef(false);
  const look = useCallback(async () => {
    if (!(await serverAnswers())) return;
    // An old page of a new build finds its code nowhere: after one try in vain it is loaded anew.
    if (isMissingCode(error) && tried.current) return window.location.assign(pathname + search);
    tried.current = true;
    await navigate(pathname + search, { replace: true });
  }, [navigate, pathname, search, error]);
  useLooking(look, LOOK_MS, passes);
}

/** What went wrong with a place, in words; it comes back by itself where it can. */
export function ErrorPage() {
  const error = useRouteError();
  const { title, text, passes } = messageOf(error);
  useComingBack(passes, error);
  return (
    <main className="mx-auto max-w-xl p-8">
      <div className="plate p-6">
        <h1 className="text-2xl">{title}</h1>
        <p className="mt-2" role="status">
          {text}
        </p>
        <p className="mt-4 flex flex-wrap gap-4">
          <Link className="font-semibold text-rim underline" to="/bench">
            To the Bench
          </Link>
          <Link className="font-semibold text-rim underline" to="/formulas">
            All formulas
          </Link>
          <Link className="font-semibold text-rim underline" to="/put-away">
            What was put away
          </Link>
        </p>
      </div>
    </main>
  );
}
