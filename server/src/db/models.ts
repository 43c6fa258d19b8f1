import { DataTypes, type Model, type ModelAttributes, type ModelStatic, type Sequelize } from 'sequelize';

/** A row as plain data. JSON columns come back parsed. */
export type Row = Record<string, unknown>;
export type Table = ModelStatic<Model<Row, Row>>;

const TABLES = {
  sites: ['id', 'name', 'place', 'zone', 'actor', 'retiredOn'],
  pumps: [
    'id',
    'siteId',
    'tag',
    'name',
    'place',
    'family',
    'signalFrom',
    'duty:json',
    'reported:json',
    'note',
    'code',
    'actor',
    'retiredOn',
  ],
  register_changes: ['id:auto', 'what', 'whatId', 'changedAt', 'actor', 'before:json'],
  profiles: ['id', 'version:key', 'name', 'hash', 'body:json', 'actor'],
  units: [
    'id',
    'pumpId',
    'profileId',
    'profileVersion:whole',
    'model',
    'serial',
    'plate:json',
    'fromDate',
    'toDate',
    'actor',
    'plateReadAt',
  ],
  products: ['id', 'name', 'body:json', 'actor'],
  firms: ['id:auto', 'since', 'actor', 'name', 'contact', 'logo'],
  instruments: ['id', 'name', 'serial', 'calibratedOn', 'actor', 'measures'],
  visits: ['id', 'siteId', 'date', 'actor'],
  jobs: [
    'id',
    'visitId',
    'pumpId',
    'unitId',
    'state',
    'version:whole',
    'startedAt',
    'plannedFor',
    'actor',
    'dutyBefore:json',
    'lastLeft:json',
    'earlier:json',
    'small:whole',
    'profileId',
    'profileVersion:whole',
  ],
  sheet_entries: [
    'id',
    'jobId',
    'revision:whole',
    'recordedAt',
    'actor',
    'address',
    'kind',
    'raw',
    'unit',
    'value:json',
    'reason',
    'confirmed:whole',
    'by',
  ],
  plans: ['id', 'jobId', 'revision:whole', 'recordedAt', 'actor', 'duty:json'],
  records: ['id', 'jobId', 'revision:whole', 'recordedAt', 'actor', 'kind', 'body:json'],
  readings: [
    'id',
    'jobId',
    'revision:whole',
    'recordedAt',
    'actor',
    'body:json',
    'instrumentId',
    'sheetRevision:whole',
  ],
  decisions: [
    'id',
    'jobId',
    'revision:whole',
    'recordedAt',
    'actor',
    'code',
    'fingerprint',
    'decision',
    'reason',
  ],
  handovers: ['id', 'jobId', 'body:json'],
  pump_states: ['pumpId:id', 'asOf', 'stops:whole', 'warns:whole', 'notes:whole', 'worst', 'strip:json'],
  dues: ['id:auto', 'pumpId', 'key', 'stage', 'words', 'date'],
  commands: [
    'sequence:auto',
    'id:plain',
    'kind',
    'jobId',
    'hash',
    'body:json',
    'baseVersion:whole',
    'recordedAt',
    'receivedAt',
    'device',
    'actor',
    'answer:json',
  ],
} as const;

export type TableName = keyof typeof TABLES;
export type Models = Readonly<Record<TableName, Table>>;

/** Binds the tables to a connection. What the columns may hold is the migrations' business. */
export function defineModels(sequelize: Sequelize): Models {
  const models = Object.entries(TABLES).map(([name, columns]) => {
    const attributes: ModelAttributes = Object.fromEntries(columns.map((column) => attribute(column)));
    return [name, sequelize.define(name, attributes, { tableName: name, timestamps: false })];
  });
  return Object.fromEntries(models) as Models;
}

function attribute(column: string): [string, ModelAttributes[string]] {
  const [name, kind] = column.split(':');
  switch (kind) {
    case 'json':
      return [name, jsonColumn(name)];
    case 'whole':
      return [name, { type: DataTypes.INTEGER }];
    case 'id':
      return [name, { type: DataTypes.STRING, primaryKey: true }];
    case 'key':
      return [name, { type: DataTypes.INTEGER, primaryKey: true }];
    case 'auto':
      return [name, { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true }];
    default:
      return [name, { type: DataTypes.STRING, primaryKey: name === 'id' && kind !== 'plain' }];
  }
}

/** Text in the table, a value outside. */
function jsonColumn(name: string): ModelAttributes[string] {
  return {
    type: DataTypes.TEXT,
    get(this: Model) {
      const raw = this.getDataValue(name) as string | null;
      return raw === null || raw === undefined ? null : (JSON.parse(raw) as unknown);
    },
    set(this: Model, value: unknown) {
      this.setDataValue(name, value === null || value === undefined ? null : JSON.stringify(value));
    },
  };
}
