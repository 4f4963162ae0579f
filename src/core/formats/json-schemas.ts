import { z } from 'zod';
import { described } from './described';
import { POSE_VERSION, poseFileSchema } from './pose';
import { PRACTICE_VERSION, practiceFileSchema } from './practice';
import { RECORD_VERSION, recordSchema } from './record';
import { SEALED_VERSION, sealedSchema } from './sealed';

/** The published JSON Schemas of the open formats, by name. */
export const JSON_SCHEMAS = {
  record: () =>
    described(`record:${RECORD_VERSION}`, {
      title: 'kolpos/record',
      description:
        'Everything of a studio: students, readings, practices, logs, own poses, templates, plans, classes, visits, settings. Angles in degrees, lengths in centimetres, mass in kilograms.',
      ...z.toJSONSchema(recordSchema),
    }),
  pose: () =>
    described(`pose:${POSE_VERSION}`, {
      title: 'kolpos/pose',
      description:
        'A pose with its rungs: joint angles in degrees at entry, half-way and full depth, the side that is worked and the other; what touches what; hands; props in centimetres; holds in seconds.',
      ...z.toJSONSchema(poseFileSchema),
    }),
  practice: () =>
    described(`practice:${PRACTICE_VERSION}`, {
      title: 'kolpos/practice',
      description:
        'A practice without its student: poses of the library by id and rung, sides, holds in seconds and breaths, phases, aims, what was asked for, and own poses that it uses.',
      ...z.toJSONSchema(practiceFileSchema),
    }),
  sealed: () =>
    described(`sealed:${SEALED_VERSION}`, {
      title: 'kolpos/sealed',
      description:
        'A record, pose or practice that only its passphrase opens: AES-256 in Galois counter mode, the key by PBKDF2 with SHA-256.',
      ...z.toJSONSchema(sealedSchema),
    }),
} as const satisfies Record<string, () => unknown>;
export type SchemaName = keyof typeof JSON_SCHEMAS;
export const isSchemaName = (name: string): name is SchemaName => name in JSON_SCHEMAS;
