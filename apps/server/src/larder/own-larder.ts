import { ingredientOfOwn, type OwnIngredientView } from '@alterum/contract';
import type { Ingredient } from '@alterum/core';
import { Injectable } from '@nestjs/common';

/** The household's own ingredients as the model knows them; one process, so they are held here and renewed with every write. */
@Injectable()
export class OwnLarder {
  private held = new Map<string, Ingredient>();

  renew(all: readonly OwnIngredientView[]): void {
    this.held = new Map(all.map((own) => [own.id, ingredientOfOwn(own)]));
  }

  find(id: string): Ingredient | undefined {
    return this.held.get(id);
  }

  all(): readonly Ingredient[] {
    return [...this.held.values()];
  }
}
