import { lazy, memo, Suspense } from 'react';

const TableFigures = lazy(() => import('./table-figures'));

/** The plate of what lands on the table; its figures come a moment after the rails. */
export const TablePanel = memo(function TablePanel() {
  return (
    <section className="plate plate-closed min-h-[178px] px-3.5 py-1.5" aria-label="At the table">
      <Suspense fallback={<h2 className="text-lg">At the table</h2>}>
        <TableFigures />
      </Suspense>
    </section>
  );
});
