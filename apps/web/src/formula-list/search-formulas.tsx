interface SearchFormulasProps {
  readonly label: string;
  readonly search: string;
  readonly setSearch: (search: string) => void;
  readonly className?: string;
}

/** Asks the whole list, also what is not shown of it. */
export function SearchFormulas({ label, search, setSearch, className = '' }: SearchFormulasProps) {
  return (
    <input
      type="search"
      aria-label={label}
      placeholder="name, kind or ingredient"
      value={search}
      maxLength={200}
      onChange={(event) => setSearch(event.target.value)}
      className={`h-10 w-56 max-w-full rounded-lg border-2 border-rim bg-glaze px-3 ${className}`}
    />
  );
}
