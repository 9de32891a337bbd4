/** Something that was deleted and can be brought back with the restore route of its kind. */
export interface PutAwayView {
  readonly kind: 'formula' | 'version' | 'dish' | 'evening' | 'vessel' | 'person' | 'own-ingredient';
  readonly id: string;
  readonly name: string;
  /** ISO date and time. */
  readonly putAwayAt: string;
  /** Of a version: the formula it belongs to. */
  readonly formula?: { readonly id: string; readonly name: string };
}
