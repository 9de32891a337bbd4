import {
  Component,
  type ComponentType,
  type ReactNode,
  useCallback,
  useEffect,
  useState,
  useSyncExternalStore,
} from 'react';
import { Button } from './button';
import { serverAnswers, useLooking } from './when-server-answers';

type Load<P> = () => Promise<{ readonly default: ComponentType<P> }>;

type State<P> =
  | { readonly kind: 'not-asked' }
  | { readonly kind: 'fetching' }
  | { readonly kind: 'there'; readonly Content: ComponentType<P> }
  | { readonly kind: 'failed' };

/** A part of the app that is fetched when it is first needed; fetched again when that failed. */
export interface Part<P> {
  readonly read: () => State<P>;
  readonly subscribe: (changed: () => void) => () => void;
  /** Begins to fetch it, unless it is there or on its way. */
  readonly fetch: () => void;
}

export function fetchedPart<P>(load: Load<P>): Part<P> {
  let state: State<P> = { kind: 'not-asked' };
  let underWay = false;
  const listeners = new Set<() => void>();
  const set = (next: State<P>) => {
    state = next;
    for (const listener of listeners) listener();
  };
  return {
    read: () => state,
    subscribe: (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    fetch: () => {
      if (state.kind === 'there' || underWay) return;
      underWay = true;
      // What was said of a failure stays until the next try has ended.
      if (state.kind !== 'failed') set({ kind: 'fetching' });
      load()
        .then(
          ({ default: Content }) => set({ kind: 'there', Content }),
          () => set({ kind: 'failed' }),
        )
        .finally(() => (underWay = false));
    },
  };
}

/** The state of a part, and its fetching as soon as it is wanted. */
export function usePart<P>(part: Part<P>, wanted = true): State<P> {
  const state = useSyncExternalStore(part.subscribe, part.read);
  useEffect(() => {
    if (wanted && part.read().kind === 'not-asked') part.fetch();
  }, [part, wanted]);
  return state;
}

/** ms between two tries to fetch a part that is waited for. */
const AGAIN_MS = 4000;

/** Says that a part could not be fetched, keeps trying, and offers what helps: the server is away, or this page is older than what it serves. */
export function NotFetched({ part }: { readonly part: Pick<Part<never>, 'fetch'> }) {
  const [renewed, setRenewed] = useState(false);
  const again = useCallback(async () => {
    const answers = await serverAnswers();
    setRenewed(answers);
    if (answers) part.fetch();
  }, [part]);
  useLooking(again, AGAIN_MS);
  return (
    <div role="alert" className="my-1 rounded-lg border-2 border-ask p-2 text-sm" data-testid="not-fetched">
      <p>
        This part could not be fetched
        {renewed
          ? '; Alterum may have been renewed since this page was opened'
          : ': the server does not answer'}
        . Everything else stays as it is, and what you typed is kept.
      </p>
      <span className="mt-1.5 flex flex-wrap gap-2">
        <Button onClick={part.fetch}>Try again</Button>
        {renewed && <Button onClick={() => window.location.reload()}>Reload the page</Button>}
      </span>
    </div>
  );
}

interface BoundaryState {
  readonly broke: boolean;
}

/** Keeps a part that breaks from taking the page away. */
export class PartBoundary extends Component<{ readonly children: ReactNode }, BoundaryState> {
  override state: BoundaryState = { broke: false };
  static getDerivedStateFromError = (): BoundaryState => ({ broke: true });
  override render() {
    if (!this.state.broke) return this.props.children;
    return (
      <div role="alert" className="my-1 rounded-lg border-2 border-no p-2 text-sm">
        <p>This part broke. What is saved and typed is kept.</p>
        <Button className="mt-1.5" onClick={() => this.setState({ broke: false })}>
          Try again
        </Button>
      </div>
    );
  }
}

/**
 * A component that is fetched when it is first drawn. Until it is there `waiting` stands in its place; when it cannot be fetched, a
 * message does, and the rest of the page stays.
 */
export function part<P extends object>(
  load: Load<P>,
  waiting: ReactNode | ((props: P) => ReactNode) = null,
): ComponentType<P> & { readonly fetch: () => void } {
  const fetched = fetchedPart(load);
  function Fetched(props: P) {
    const state = usePart(fetched);
    if (state.kind === 'failed') return <NotFetched part={fetched} />;
    if (state.kind !== 'there') return typeof waiting === 'function' ? waiting(props) : waiting;
    return (
      <PartBoundary>
        <state.Content {...props} />
      </PartBoundary>
    );
  }
  return Object.assign(Fetched, { fetch: fetched.fetch });
}
