import { Button } from './button';

interface FormEndProps {
  /** Why the last try to save failed. */
  readonly failure: string | undefined;
  readonly saving: boolean;
  readonly close: () => void;
}

/** How every form in a dialog ends: what went wrong, the way out, and saving. */
export function FormEnd({ failure, saving, close }: FormEndProps) {
  return (
    <>
      {failure && (
        <p role="alert" className="pt-2 text-no">
          {failure}
        </p>
      )}
      <div className="mt-3 flex justify-end gap-2 border-t border-hair pt-3">
        <Button onClick={close}>Leave as it was</Button>
        <Button look="yolk" type="submit" disabled={saving}>
          Save
        </Button>
      </div>
    </>
  );
}
