interface ValueTableProps {
  /** What is in it, in a sentence. */
  readonly caption: string;
  readonly columns: readonly string[];
  readonly rows: readonly { readonly head: string; readonly values: readonly string[] }[];
}

/** The values of a picture as a table, folded under it: for ears, and for whoever wants the figures. */
export function ValueTable({ caption, columns, rows }: ValueTableProps) {
  return (
    <details className="text-[13px]">
      <summary className="tap-coarse min-h-6 cursor-pointer font-semibold text-rim">
        The values as a table
      </summary>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={caption}>
        <table className="text-left">
          <caption className="pb-1 text-left text-soft">{caption}</caption>
          <thead>
            <tr>
              {columns.map((column, at) => (
                <th key={at} scope="col" className="px-1.5 py-0.5 align-bottom">
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ head, values }, at) => (
              <tr key={at} className="border-t border-hair">
                <th scope="row" className="px-1.5 py-0.5">
                  {head}
                </th>
                {values.map((value, i) => (
                  <td key={i} className="px-1.5 py-0.5">
                    {value}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
