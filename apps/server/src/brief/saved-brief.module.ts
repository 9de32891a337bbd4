import { Module } from '@nestjs/common';
import { SavedBriefController } from './saved-brief.controller.js';
import { SavedBriefService } from './saved-brief.service.js';

/** Briefs kept under a name. */
@Module({ controllers: [SavedBriefController], providers: [SavedBriefService] })
export class SavedBriefModule {}
