import { ingredientOfOwn, type OwnIngredientView } from '@alterum/contract';
import { type Ingredient, larderTable } from '@alterum/core';
import { Injectable } from '@nestjs/common';

/** The household's own ingredients as the model knows them; one process, so they are held here and renewed with every write. */
@Injectable()
export class OwnLarder {
  private held = new Map<string, Ingredient>();

  private away = new Map<string, string>();

  private joined: readonly Ingredient[] = larderTable;

  renew(all: readonly OwnIngredientView[], putAway: readonly Pick<OwnIngredientView, 'id' | 'name'>[]): void {
    this.held = new Map(all.map((own) => [own.id, ingredientOfOwn(own)]));
    this.joined = this.held.size === 0 ? larderTable : [...this.held.values(), ...larderTable];
    this.away = new Map(putAway.map(({ id, name }) => [id, name]));
  }

  /** What an ingredient was called that is put away now. */
  nameOfPutAway(id: string): string | undefined {
    return this.away.get(id);
  }

  find(id: string): Ingredient | undefined {
    return this.held.get(id);
  }

  withTable(): readonly Ingredient[] {
    return this.joined;
  }
}
