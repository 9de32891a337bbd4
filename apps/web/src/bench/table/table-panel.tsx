import { memo } from 'react';
import { part } from '../../ui/part';

const TableFigures = part(() => import('./table-figures'), <h2 className="text-lg">At the table</h2>);

/** The plate of what lands on the table; its figures come a moment after the rails. */
export const TablePanel = memo(function TablePanel() {
  return (
    <section className="plate plate-closed min-h-[178px] px-3.5 py-1.5" aria-label="At the table">
      <TableFigures />
    </section>
  );
});
