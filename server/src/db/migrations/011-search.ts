import type { Migration } from '../migration';

/** Longer than any line of a pump with a few units. */
const LONGEST_LINE = 2000;
/** Words in which a slip of the finger is looked for: shorter ones are too near to each other, longer ones are pasted. */
const SHORTEST_WORD = 3;
const LONGEST_WORD = 24;

/**
 * A pump is found by everything that is known of it: tag, name, place, site, label code, model and serial of each of its units, and the
 * product of its latest duty, in one line, as long as it is in use. Its words are kept with each of their signs left out, so that one slip of the finger still
 * leads to them: the number of words does not matter for that.
 */
export const migration011: Migration = {
  name: '011-search',
  async up({ context: db }) {
    const statements = [
      'DROP TRIGGER pump_search_added',
      'DROP TRIGGER pump_search_changed',
      'DROP TRIGGER pump_search_gone',
      'DROP TABLE pump_search',
      `CREATE TABLE search_lines (n INTEGER PRIMARY KEY, pumpId TEXT NOT NULL UNIQUE REFERENCES pumps (id), line TEXT NOT NULL, family TEXT NOT NULL)`,
      "CREATE VIRTUAL TABLE pump_search USING fts5(line, family, content = 'search_lines', content_rowid = 'n', tokenize = 'trigram')",
      'CREATE TABLE search_signs (i INTEGER PRIMARY KEY)',
      `WITH RECURSIVE s (i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM s WHERE i < ${LONGEST_LINE})
         INSERT INTO search_signs SELECT i FROM s`,
      'CREATE TABLE search_words (word TEXT PRIMARY KEY) WITHOUT ROWID',
      'CREATE TABLE search_slips (slip TEXT, word TEXT, PRIMARY KEY (slip, word)) WITHOUT ROWID',
      // a line break between the parts: no search goes across it
      `CREATE VIEW search_line AS SELECT p.id AS pumpId, p.family,
         p.tag || char(10) || p.name || char(10) || p.place || char(10) || s.name || char(10) || coalesce(p.code, '')
           || char(10) || coalesce((SELECT group_concat(u.model || char(10) || u.serial, char(10)) FROM units u WHERE u.pumpId = p.id), '')
           || char(10) || coalesce((SELECT json_extract(l.duty, '$.product.name') FROM jobs j JOIN plans l ON l.jobId = j.id
                 WHERE j.pumpId = p.id ORDER BY j.plannedFor DESC, j.startedAt DESC, l.revision DESC LIMIT 1),
               json_extract(p.duty, '$.product.name'), '') AS line
         FROM pumps p JOIN sites s ON s.id = p.siteId WHERE p.retiredOn IS NULL`,
      `CREATE TRIGGER search_slips_of AFTER INSERT ON search_words WHEN length(new.word) <= ${LONGEST_WORD} BEGIN
         INSERT INTO search_slips (slip, word)
           SELECT substr(new.word, 1, i - 1) || substr(new.word, i + 1), new.word FROM search_signs WHERE i <= length(new.word)
           ON CONFLICT DO NOTHING;
       END`,
      `CREATE TRIGGER search_line_added AFTER INSERT ON search_lines BEGIN
         INSERT INTO pump_search (rowid, line, family) VALUES (new.n, new.line, new.family);
         ${wordsOf('new')}
       END`,
      `CREATE TRIGGER search_line_changed AFTER UPDATE OF line ON search_lines BEGIN
         INSERT INTO pump_search (pump_search, rowid, line, family) VALUES ('delete', old.n, old.line, old.family);
         INSERT INTO pump_search (rowid, line, family) VALUES (new.n, new.line, new.family);
         ${wordsOf('new')}
       END`,
      `CREATE TRIGGER search_line_gone AFTER DELETE ON search_lines BEGIN
         INSERT INTO pump_search (pump_search, rowid, line, family) VALUES ('delete', old.n, old.line, old.family);
       END`,
      ...refreshed('pumps', 'added', 'AFTER INSERT', 'new.id'),
      ...refreshed(
        'pumps',
        'changed',
        'AFTER UPDATE OF tag, name, place, siteId, code, duty, retiredOn',
        'new.id',
      ),
      'CREATE TRIGGER search_pumps_gone BEFORE DELETE ON pumps BEGIN DELETE FROM search_lines WHERE pumpId = old.id; END',
      `CREATE TRIGGER search_pumps_retired AFTER UPDATE OF retiredOn ON pumps WHEN new.retiredOn IS NOT NULL BEGIN
         DELETE FROM search_lines WHERE pumpId = new.id;
       END`,
      ...refreshed('units', 'added', 'AFTER INSERT', 'new.pumpId'),
      ...refreshed('units', 'changed', 'AFTER UPDATE OF model, serial, pumpId', 'new.pumpId'),
      ...refreshed('units', 'gone', 'AFTER DELETE', 'old.pumpId'),
      ...refreshed('plans', 'added', 'AFTER INSERT', '(SELECT pumpId FROM jobs WHERE id = new.jobId)'),
      ...refreshed('plans', 'gone', 'AFTER DELETE', '(SELECT pumpId FROM jobs WHERE id = old.jobId)'),
      `CREATE TRIGGER search_sites_changed AFTER UPDATE OF name ON sites BEGIN
         UPDATE search_lines SET line = (SELECT l.line FROM search_line l WHERE l.pumpId = search_lines.pumpId)
           WHERE pumpId IN (SELECT id FROM pumps WHERE siteId = new.id);
       END`,
      'INSERT INTO search_lines (pumpId, line, family) SELECT pumpId, line, family FROM search_line',
      // what a list is narrowed to is found by an index, however many pumps there are
      'CREATE INDEX pump_states_open ON pump_states (pumpId) WHERE worst IS NOT NULL',
    ];
    for (const sql of statements) await db.sequelize.query(sql);
  },
};

/** The line of a pump follows whatever it is made of. */
function refreshed(table: string, name: string, when: string, pumpId: string): string[] {
  return [
    `CREATE TRIGGER search_${table}_${name} ${when} ON ${table} BEGIN
       INSERT INTO search_lines (pumpId, line, family) SELECT pumpId, line, family FROM search_line WHERE pumpId = ${pumpId}
         ON CONFLICT (pumpId) DO UPDATE SET line = excluded.line WHERE line <> excluded.line;
     END`,
  ];
}

/** Notes the words of a line: what stands between blanks, commas and brackets. */
function wordsOf(row: string): string {
  const between = [',', ';', '(', ')', '\n'].reduce(
    (text, sign) => `replace(${text}, ${sign === '\n' ? 'char(10)' : `'${sign}'`}, ' ')`,
    `lower(${row}.line)`,
  );
  return `INSERT INTO search_words (word)
    SELECT word FROM (
      SELECT substr(text, i, instr(substr(text, i) || ' ', ' ') - 1) AS word
        FROM (SELECT ${between} AS text) JOIN search_signs ON i <= length(text)
       WHERE substr(' ' || text, i, 1) = ' ' AND substr(text, i, 1) <> ' ')
     WHERE length(word) >= ${SHORTEST_WORD}
    ON CONFLICT DO NOTHING;`;
}
