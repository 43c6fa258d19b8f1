import { DataTypes, type ModelAttributeColumnOptions } from 'sequelize';
import type { Migration } from '../migration';

const id = { type: DataTypes.STRING, primaryKey: true } satisfies ModelAttributeColumnOptions;
const text = { type: DataTypes.STRING, allowNull: false } satisfies ModelAttributeColumnOptions;
const textOrNull = { type: DataTypes.STRING, allowNull: true } satisfies ModelAttributeColumnOptions;
const json = { type: DataTypes.TEXT, allowNull: false } satisfies ModelAttributeColumnOptions;
const jsonOrNull = { type: DataTypes.TEXT, allowNull: true } satisfies ModelAttributeColumnOptions;
const whole = { type: DataTypes.INTEGER, allowNull: false } satisfies ModelAttributeColumnOptions;
const to = (model: string) => ({ ...text, references: { model, key: 'id' } });
const ofJob = { id, jobId: to('jobs'), revision: whole, recordedAt: text, actor: text };

/** Sites, pumps and units; profiles, products and instruments; visits and jobs with all that is written in them. */
export const migration001: Migration = {
  name: '001-first-slice',
  async up({ context: db }) {
    await db.createTable('sites', { id, name: text, place: text, zone: text, actor: text });
    await db.createTable('pumps', {
      id,
      siteId: to('sites'),
      tag: text,
      name: text,
      place: text,
      family: text,
      signalFrom: textOrNull,
      duty: jsonOrNull,
      reported: jsonOrNull,
      note: text,
      actor: text,
    });
    await db.createTable('profiles', {
      id: { ...text, primaryKey: true },
      version: { ...whole, primaryKey: true },
      name: text,
      hash: text,
      body: json,
      actor: text,
    });
    await db.createTable('units', {
      id,
      pumpId: to('pumps'),
      profileId: text,
      profileVersion: whole,
      model: text,
      serial: text,
      plate: json,
      fromDate: text,
      toDate: textOrNull,
      actor: text,
    });
    await db.createTable('products', { id, name: text, body: json, actor: text });
    await db.createTable('instruments', { id, name: text, serial: text, calibratedOn: text, actor: text });
    await db.createTable('visits', { id, siteId: to('sites'), date: text, actor: text });
    await db.createTable('jobs', {
      id,
      visitId: to('visits'),
      pumpId: to('pumps'),
      unitId: to('units'),
      state: text,
      version: whole,
      startedAt: text,
      plannedFor: text,
      actor: text,
      dutyBefore: jsonOrNull,
      lastLeft: jsonOrNull,
      profileId: text,
      profileVersion: whole,
    });
    await db.createTable('sheet_entries', {
      ...ofJob,
      address: text,
      kind: text,
      raw: text,
      unit: text,
      value: jsonOrNull,
      reason: textOrNull,
    });
    await db.createTable('plans', { ...ofJob, duty: json });
    await db.createTable('records', { ...ofJob, kind: text, body: json });
    await db.createTable('readings', {
      ...ofJob,
      body: json,
      instrumentId: textOrNull,
      sheetRevision: whole,
    });
    await db.createTable('decisions', {
      ...ofJob,
      code: text,
      fingerprint: text,
      decision: text,
      reason: text,
    });
    await db.createTable('handovers', { id, jobId: { ...to('jobs'), unique: true }, body: json });
    await db.createTable('commands', {
      sequence: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: { ...text, unique: true },
      kind: text,
      jobId: textOrNull,
      hash: text,
      body: json,
      baseVersion: whole,
      recordedAt: text,
      receivedAt: text,
      device: text,
      actor: text,
      answer: json,
    });
    for (const table of ['sheet_entries', 'plans', 'records', 'readings', 'decisions']) {
      await db.addIndex(table, ['jobId', 'revision']);
    }
    await db.addIndex('pumps', ['siteId']);
    await db.addIndex('pumps', ['tag', 'id']);
    await db.addIndex('jobs', ['pumpId', 'plannedFor']);
    await db.addIndex('visits', { fields: ['siteId', 'date'], unique: true });
  },
};
