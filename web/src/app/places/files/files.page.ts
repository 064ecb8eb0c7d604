import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Icon } from '../../kit/icon/icon';
import { ImportRecipes } from './import-recipes';
import { ExportRecipes } from './export-recipes';
import { WholeKitchen } from './whole-kitchen';

/** Import and export: recipes as files, and the whole kitchen as one. */
@Component({
  selector: 'yg-files-page',
  imports: [ImportRecipes, Icon, RouterLink, ExportRecipes, WholeKitchen],
  template: `
    <div class="page">
      <div class="head">
        <a class="btn btn-quiet" routerLink="/recipes"><yg-icon name="arrow-left" /> Recipes</a>
        <h1>Import and export</h1>
      </div>
      <yg-import-recipes />
      <div class="side">
        <yg-export-recipes />
        <yg-whole-kitchen />
      </div>
    </div>
  `,
  styles: `
    .head {
      grid-column: 1 / -1;
      display: flex;
      align-items: center;
      gap: 0.6rem;
    }
    .page {
      display: grid;
      grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
      gap: 1.6rem;
      align-items: start;
    }
    .side {
      display: grid;
      gap: 1.6rem;
    }
    @media (max-width: 56rem) {
      .page {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilesPage {}
