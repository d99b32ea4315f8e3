#include "storage/journal_schema.h"

#include "storage/event_table.h"

namespace rhexion {

namespace {

// Folds of older versions ask for them too, so that they are made before those.
constexpr auto materialIndex = "CREATE INDEX IF NOT EXISTS material_batch ON batch_material(batch)";

} // namespace

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
    case 5:
        // What is due, what a batch can be found by, what was drawn from the shelf, bars, lessons.
        return {
            QLatin1String(event_table::passedTable),
            QLatin1String(materialIndex),
            QStringLiteral("CREATE TABLE batch_due ("
                           " batch TEXT NOT NULL,"
                           " kind TEXT NOT NULL,"
                           " school INTEGER NOT NULL," // -1: any; 0, 1: without and with it
                           " opens INTEGER NOT NULL,"
                           " at INTEGER NOT NULL,"
                           " closes INTEGER NOT NULL,"
                           " PRIMARY KEY (batch, kind, school)) WITHOUT ROWID"),
            QStringLiteral("CREATE INDEX due_at ON batch_due(at)"),
            QStringLiteral("CREATE TABLE batch_fact ("
                           " fact TEXT NOT NULL,"
                           " batch TEXT NOT NULL,"
                           " PRIMARY KEY (fact, batch)) WITHOUT ROWID"),
            QStringLiteral("CREATE INDEX fact_batch ON batch_fact(batch)"),
            QStringLiteral("CREATE TABLE draw (" // grams: not weighed yet
                           " batch TEXT NOT NULL,"
                           " target TEXT NOT NULL,"
                           " material TEXT NOT NULL,"
                           " lot TEXT NOT NULL,"
                           " at INTEGER NOT NULL DEFAULT 0,"
                           " grams REAL,"
                           " PRIMARY KEY (batch, target)) WITHOUT ROWID"),
            QStringLiteral("CREATE INDEX draw_material ON draw(material, at)"
                           " WHERE grams IS NOT NULL"),
            QStringLiteral("CREATE INDEX draw_lot ON draw(lot, at)"
                           " WHERE grams IS NOT NULL AND lot <> ''"),
            QStringLiteral("CREATE TABLE batch_bars ("
                           " batch TEXT PRIMARY KEY,"
                           " code TEXT NOT NULL,"
                           " cut INTEGER NOT NULL,"
                           " sold INTEGER NOT NULL,"
                           " given INTEGER NOT NULL,"
                           " kept INTEGER NOT NULL,"
                           " tested INTEGER NOT NULL,"
                           " spoiled INTEGER NOT NULL,"
                           " brought REAL NOT NULL) WITHOUT ROWID"),
            QStringLiteral("CREATE INDEX bars_code ON batch_bars(code)"),
            QStringLiteral("CREATE TABLE lesson ("
                           " event TEXT PRIMARY KEY,"
                           " batch TEXT NOT NULL,"
                           " words TEXT NOT NULL,"
                           " mould TEXT NOT NULL,"
                           " setting TEXT NOT NULL,"
                           " said INTEGER NOT NULL) WITHOUT ROWID"),
            QStringLiteral("CREATE INDEX lesson_batch ON lesson(batch)"),
            QStringLiteral("CREATE TABLE lesson_about ("
                           " material TEXT NOT NULL,"
                           " event TEXT NOT NULL,"
                           " PRIMARY KEY (material, event)) WITHOUT ROWID"),
            // A lesson may be put away by an event of another batch.
            QStringLiteral("CREATE TABLE lesson_retired (event TEXT NOT NULL, by TEXT PRIMARY KEY)"
                           " WITHOUT ROWID"),
        };
    case 6: // facts and materials of what was in the bowl, jars and moulds with them: made anew
        return {QLatin1String(event_table::passedTable), QLatin1String(materialIndex)};
    case 7: return {QLatin1String(event_table::passedTable)};
    default: return {};
    }
}

} // namespace rhexion
