#include "storage/journal_schema.h"

namespace rhexion {

QStringList journalMigration(int toVersion)
{
    switch (toVersion) {
    case 1:
        return {
            QStringLiteral("CREATE TABLE batch ("
                           " id INTEGER PRIMARY KEY,"
                           " name TEXT NOT NULL,"
                           " formula TEXT NOT NULL," // a formula file, whole
                           " state TEXT NOT NULL CHECK (state IN ('making','finished','stopped')),"
                           " started TEXT NOT NULL," // ISO 8601, UTC
                           " finished TEXT,"
                           " step INTEGER NOT NULL DEFAULT 0 CHECK (step >= 0),"
                           " draft TEXT NOT NULL DEFAULT '',"
                           " superfat_planned REAL NOT NULL,"
                           " strength_planned REAL NOT NULL,"
                           " superfat REAL,"
                           " strength REAL,"
                           " batter REAL)"),
            QStringLiteral("CREATE TABLE weighing ("
                           " id INTEGER PRIMARY KEY,"
                           " batch INTEGER NOT NULL REFERENCES batch(id) ON DELETE CASCADE,"
                           " what TEXT NOT NULL"
                           "  CHECK (what IN ('line','jug-water','sodium','potassium')),"
                           " line INTEGER NOT NULL DEFAULT 0,"
                           " name TEXT NOT NULL,"
                           " planned REAL NOT NULL CHECK (planned >= 0),"
                           " actual REAL NOT NULL CHECK (actual >= 0),"
                           " at TEXT NOT NULL,"
                           " UNIQUE (batch, what, line))"),
            QStringLiteral("CREATE TABLE note ("
                           " id INTEGER PRIMARY KEY,"
                           " batch INTEGER NOT NULL REFERENCES batch(id) ON DELETE CASCADE,"
                           " at TEXT NOT NULL,"
                           " text TEXT NOT NULL)"),
            QStringLiteral("CREATE INDEX batch_started ON batch(started)"),
            QStringLiteral("CREATE INDEX note_batch ON note(batch)"),
        };
    case 2:
        // Two jugs, oil and liquid set aside are weighed too; top-ups go in beside the plan.
        return {
            QStringLiteral(
                "CREATE TABLE weighing_new ("
                " id INTEGER PRIMARY KEY,"
                " batch INTEGER NOT NULL REFERENCES batch(id) ON DELETE CASCADE,"
                " what TEXT NOT NULL CHECK (what IN ('line','jug-water','sodium',"
                "  'potassium','sodium-second','potassium-second','held-oil','solvent')),"
                " line INTEGER NOT NULL DEFAULT 0,"
                " name TEXT NOT NULL,"
                " planned REAL NOT NULL CHECK (planned >= 0),"
                " actual REAL NOT NULL CHECK (actual >= 0),"
                " at TEXT NOT NULL,"
                " UNIQUE (batch, what, line))"),
            QStringLiteral("INSERT INTO weighing_new SELECT id, batch, what, line, name, planned,"
                           " actual, at FROM weighing"),
            QStringLiteral("DROP TABLE weighing"),
            QStringLiteral("ALTER TABLE weighing_new RENAME TO weighing"),
            QStringLiteral("CREATE TABLE top_up ("
                           " id INTEGER PRIMARY KEY,"
                           " batch INTEGER NOT NULL REFERENCES batch(id) ON DELETE CASCADE,"
                           " material TEXT NOT NULL," // a catalogue file with this one material
                           " vessel TEXT NOT NULL,"
                           " grams REAL NOT NULL CHECK (grams > 0),"
                           " at TEXT NOT NULL)"),
            QStringLiteral("CREATE INDEX top_up_batch ON top_up(batch)"),
        };
    case 3:
        // Where a weight came from ('' in older batches: not known), and what a batch holds,
        // indexed.
        return {
            QStringLiteral("ALTER TABLE weighing ADD COLUMN origin TEXT NOT NULL DEFAULT ''"
                           " CHECK (origin IN ('','typed','as-planned'))"),
            QStringLiteral("CREATE TABLE batch_material ("
                           " batch INTEGER NOT NULL REFERENCES batch(id) ON DELETE CASCADE,"
                           " material TEXT NOT NULL,"
                           " PRIMARY KEY (material, batch)) WITHOUT ROWID"),
            QStringLiteral("CREATE INDEX batch_material_batch ON batch_material(batch)"),
            QStringLiteral("INSERT OR IGNORE INTO batch_material SELECT batch.id,"
                           " json_extract(m.value, '$.id') FROM batch,"
                           " json_each(batch.formula, '$.materials') AS m"
                           " WHERE json_valid(batch.formula)"
                           " AND json_extract(m.value, '$.id') IS NOT NULL"),
            QStringLiteral("CREATE INDEX batch_making ON batch(id) WHERE state = 'making'"),
        };
    case 4:
        // A batch is its events; the other tables are folds of them and can be made again.
        return {
            QStringLiteral("ALTER TABLE batch RENAME TO old_batch"),
            QStringLiteral("DROP INDEX batch_started"),
            QStringLiteral("DROP INDEX batch_making"),
            QStringLiteral("DROP TABLE batch_material"),
            QStringLiteral("CREATE TABLE about (key TEXT PRIMARY KEY, value TEXT NOT NULL)"),
            QStringLiteral("CREATE TABLE event ("
                           " seq INTEGER PRIMARY KEY AUTOINCREMENT,"
                           " id TEXT NOT NULL UNIQUE,"
                           " batch TEXT NOT NULL,"
                           " bench TEXT NOT NULL,"
                           " at INTEGER NOT NULL,"   // ms since 1970, UTC
                           " zone INTEGER NOT NULL," // minutes east of UTC
                           " kind TEXT NOT NULL,"
                           " data TEXT NOT NULL)"),
            QStringLiteral("CREATE INDEX event_batch ON event(batch, seq)"),
            QStringLiteral("CREATE TRIGGER event_stays BEFORE UPDATE ON event"
                           " BEGIN SELECT RAISE(ABORT, 'events are not edited'); END"),
            QStringLiteral("CREATE TABLE batch ("
                           " row INTEGER PRIMARY KEY,"
                           " id TEXT NOT NULL UNIQUE,"
                           " name TEXT NOT NULL,"
                           " state TEXT NOT NULL CHECK (state IN ('making','finished','stopped')),"
                           " started INTEGER NOT NULL,"
                           " finished INTEGER NOT NULL DEFAULT 0,"
                           " superfat_planned REAL NOT NULL,"
                           " strength_planned REAL NOT NULL,"
                           " superfat REAL,"
                           " strength REAL,"
                           " batter REAL)"),
            QStringLiteral("CREATE INDEX batch_started ON batch(started, id)"),
            QStringLiteral("CREATE INDEX batch_making ON batch(started) WHERE state = 'making'"),
            QStringLiteral("CREATE TABLE batch_material ("
                           " material TEXT NOT NULL,"
                           " started INTEGER NOT NULL,"
                           " batch TEXT NOT NULL,"
                           " PRIMARY KEY (material, started, batch)) WITHOUT ROWID"),
            QStringLiteral("CREATE VIRTUAL TABLE batch_words USING fts5("
                           "text, tokenize = 'unicode61 remove_diacritics 2')"),
        };
    default: return {};
    }
}

} // namespace rhexion
