#include "server/server_schema.h"

namespace rhexion {

namespace {

QStringList eventTable(const QString& table)
{
    return {QStringLiteral("CREATE TABLE IF NOT EXISTS %1 ("
                           " place bigserial PRIMARY KEY,"
                           " id text NOT NULL UNIQUE CHECK (length(id) <= 100),"
                           " batch text NOT NULL CHECK (length(batch) <= 300),"
                           " bench text NOT NULL CHECK (length(bench) <= 100),"
                           " at bigint NOT NULL,"
                           " zone integer NOT NULL,"
                           " kind text NOT NULL CHECK (length(kind) <= 60),"
                           " data text NOT NULL CHECK (length(data) <= %2))")
                .arg(table)
                .arg(longestServerData),
            QStringLiteral("ALTER TABLE %1 ADD COLUMN IF NOT EXISTS chain text NOT NULL DEFAULT ''")
                .arg(table),
            // Of each event and all before it, so that a bench sees a server that is not the one
            // it knew. Events are appended by one at a time.
            QStringLiteral("CREATE OR REPLACE FUNCTION %1_chains() RETURNS trigger AS $$ BEGIN"
                           " NEW.chain := md5(coalesce((SELECT chain FROM %1 ORDER BY place DESC"
                           " LIMIT 1), '') || NEW.id); RETURN NEW; END $$ LANGUAGE plpgsql")
                .arg(table),
            QStringLiteral("CREATE OR REPLACE TRIGGER event_chains BEFORE INSERT ON %1"
                           " FOR EACH ROW EXECUTE FUNCTION %1_chains()")
                .arg(table),
            QStringLiteral("CREATE OR REPLACE TRIGGER event_stays BEFORE UPDATE OR DELETE ON"
                           " %1 FOR EACH STATEMENT EXECUTE FUNCTION rhexion.stays()")
                .arg(table),
            QStringLiteral("CREATE OR REPLACE TRIGGER event_tells AFTER INSERT ON %1"
                           " FOR EACH STATEMENT EXECUTE FUNCTION rhexion.tells()")
                .arg(table),
            QStringLiteral("GRANT INSERT ON %1 TO rhexion_maker").arg(table)};
}

// The list of batches, kept by the server itself as events come.
QStringList lists()
{
    return {
        QStringLiteral("CREATE TABLE IF NOT EXISTS rhexion.batch ("
                       " id text PRIMARY KEY,"
                       " name text NOT NULL DEFAULT '',"
                       " state text NOT NULL DEFAULT 'making',"
                       " started bigint NOT NULL,"
                       " finished bigint NOT NULL DEFAULT 0,"
                       " superfat double precision,"
                       " strength double precision,"
                       " batter double precision,"
                       " superfat_planned double precision," // by who passed its beginning on
                       " strength_planned double precision)"),
        QStringLiteral("CREATE INDEX IF NOT EXISTS batch_started ON rhexion.batch (started, id)"),
        QStringLiteral("CREATE INDEX IF NOT EXISTS batch_making ON rhexion.batch (started)"
                       " WHERE state = 'making'"),
        QStringLiteral("CREATE INDEX IF NOT EXISTS event_batch ON rhexion.event (batch, place)"),
        QStringLiteral("CREATE INDEX IF NOT EXISTS event_holds ON rhexion.event (place)"
                       " WHERE kind IN ('begun', 'added', 'substituted')"),
        // By the right of who made the schema: makers write events and nothing else. What cannot
        // be read is an event all the same.
        QStringLiteral(
            "CREATE OR REPLACE FUNCTION rhexion.lists() RETURNS trigger AS $$"
            " DECLARE said jsonb;"
            " BEGIN"
            " IF NEW.kind NOT IN ('begun', 'finished', 'stopped') THEN RETURN NULL; END IF;"
            " IF NEW.kind = 'begun' THEN"
            "  INSERT INTO rhexion.batch (id, started) VALUES (NEW.batch, NEW.at)"
            "   ON CONFLICT (id) DO NOTHING;"
            "  IF NOT FOUND THEN RETURN NULL; END IF;"
            " END IF;"
            " IF NEW.kind = 'stopped' THEN"
            "  UPDATE rhexion.batch SET state = 'stopped', finished = NEW.at WHERE id = NEW.batch;"
            "  RETURN NULL;"
            " END IF;"
            " BEGIN"
            "  said := NEW.data::jsonb;"
            "  IF NEW.kind = 'begun' THEN"
            "   UPDATE rhexion.batch SET name = coalesce(said #>> '{formula,name}', '')"
            "    WHERE id = NEW.batch;"
            "  ELSE"
            "   UPDATE rhexion.batch SET state = 'finished', finished = NEW.at,"
            "    superfat = (said ->> 'superfat')::double precision,"
            "    strength = (said ->> 'strength')::double precision,"
            "    batter = (said ->> 'batter')::double precision WHERE id = NEW.batch;"
            "  END IF;"
            " EXCEPTION WHEN data_exception OR program_limit_exceeded THEN NULL;"
            " END;"
            " RETURN NULL; END $$ LANGUAGE plpgsql SECURITY DEFINER"
            " SET search_path = pg_catalog, pg_temp"),
        // Said once of a batch, by who passes on its beginning: the server reckons nothing.
        QStringLiteral(
            "CREATE OR REPLACE FUNCTION rhexion.planned(which text, superfat double precision,"
            " strength double precision) RETURNS void AS $$"
            " UPDATE rhexion.batch SET superfat_planned = superfat, strength_planned = strength"
            " WHERE id = which AND strength_planned IS NULL $$"
            " LANGUAGE sql SECURITY DEFINER SET search_path = pg_catalog, pg_temp"),
        QStringLiteral("REVOKE ALL ON FUNCTION rhexion.planned FROM PUBLIC"),
        QStringLiteral("GRANT EXECUTE ON FUNCTION rhexion.planned TO rhexion_maker"),
        // What came before there was such a table is taken in the same way.
        QStringLiteral("DO $$ DECLARE e record; BEGIN"
                       " IF NOT EXISTS (SELECT 1 FROM pg_trigger WHERE tgname = 'event_lists') THEN"
                       "  CREATE TEMPORARY TABLE earlier (LIKE rhexion.event) ON COMMIT DROP;"
                       "  CREATE TRIGGER event_lists AFTER INSERT ON earlier FOR EACH ROW"
                       "   EXECUTE FUNCTION rhexion.lists();"
                       "  INSERT INTO earlier SELECT * FROM rhexion.event WHERE kind IN"
                       "   ('begun', 'finished', 'stopped') ORDER BY place;"
                       "  DROP TABLE earlier;"
                       " END IF; END $$"),
        QStringLiteral("CREATE OR REPLACE TRIGGER event_lists AFTER INSERT ON rhexion.event"
                       " FOR EACH ROW EXECUTE FUNCTION rhexion.lists()"),
    };
}

} // namespace

QString serverTable(EventStore::Kind kind)
{
    return kind == EventStore::Kind::Shelf ? QStringLiteral("rhexion.shelf_event")
                                           : QStringLiteral("rhexion.event");
}

QStringList serverSchema()
{
    return QStringList{
               QStringLiteral("CREATE SCHEMA IF NOT EXISTS rhexion"),
               QStringLiteral("CREATE TABLE IF NOT EXISTS rhexion.about (key text PRIMARY KEY,"
                              " value text NOT NULL)"),
               QStringLiteral(
                   "CREATE OR REPLACE FUNCTION rhexion.stays() RETURNS trigger AS $$"
                   " BEGIN RAISE EXCEPTION 'events are not edited'; END $$ LANGUAGE plpgsql"),
               QStringLiteral("CREATE OR REPLACE FUNCTION rhexion.tells() RETURNS trigger AS $$"
                              " BEGIN NOTIFY rhexion; RETURN NULL; END $$ LANGUAGE plpgsql"),
               QStringLiteral("DO $$ BEGIN CREATE ROLE rhexion_maker NOLOGIN; EXCEPTION WHEN"
                              " duplicate_object THEN NULL; END $$"),
               QStringLiteral("DO $$ BEGIN CREATE ROLE rhexion_reader NOLOGIN; EXCEPTION WHEN"
                              " duplicate_object THEN NULL; END $$"),
               QStringLiteral("GRANT USAGE ON SCHEMA rhexion TO rhexion_maker, rhexion_reader")} +
           eventTable(serverTable(EventStore::Kind::Journal)) +
           eventTable(serverTable(EventStore::Kind::Shelf)) + lists() +
           QStringList{
               QStringLiteral("GRANT SELECT ON ALL TABLES IN SCHEMA rhexion TO rhexion_maker,"
                              " rhexion_reader"),
               QStringLiteral("GRANT USAGE ON ALL SEQUENCES IN SCHEMA rhexion TO rhexion_maker"),
               QStringLiteral("INSERT INTO rhexion.about VALUES ('version', '%1') ON CONFLICT (key)"
                              " DO UPDATE SET value = excluded.value")
                   .arg(serverSchemaVersion)};
}

} // namespace rhexion
