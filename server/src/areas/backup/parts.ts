import type { z } from 'zod';
import type {
  Kitchen,
  backupAuthor,
  backupBake,
  backupRecipe,
  backupTrial,
} from '@ypsigram/contract';
import type { backupPhoto } from '@ypsigram/contract/log';
import type { Timer } from '@ypsigram/contract/oven';
import type { PracticeTryRecord } from '@ypsigram/contract/practice';
import type { BackupPart } from '../../database/part.js';

export type BackupAuthor = z.output<typeof backupAuthor>;
export type BackupRecipe = z.output<typeof backupRecipe>;
export type BackupBake = z.output<typeof backupBake>;
export type BackupPhoto = z.output<typeof backupPhoto>;
export type BackupTrial = z.output<typeof backupTrial>;

/** Everything that a backup holds, in the order it is written in. */
export interface BackupContext {
  now(): Date;
  kitchen: { read(): Promise<Kitchen>; load(kitchen: Kitchen): Promise<void> };
  authors: BackupPart<BackupAuthor>;
  recipes: BackupPart<BackupRecipe>;
  trials: BackupPart<BackupTrial>;
  bakes: BackupPart<BackupBake>;
  photos: BackupPart<BackupPhoto>;
  /** Whether a picture is what it says it is. */
  isSound(photo: BackupPhoto): Promise<boolean>;
  tries: BackupPart<PracticeTryRecord>;
  timers: BackupPart<Timer>;
}

/** The parts that are lists, by their name in the document. */
export const LISTS = [
  'authors',
  'recipes',
  'trials',
  'bakes',
  'photos',
  'tries',
  'timers',
] as const;
export type ListName = (typeof LISTS)[number];

/** What a row of each list is. */
export interface Rows {
  authors: BackupAuthor;
  recipes: BackupRecipe;
  trials: BackupTrial;
  bakes: BackupBake;
  photos: BackupPhoto;
  tries: PracticeTryRecord;
  timers: Timer;
}
