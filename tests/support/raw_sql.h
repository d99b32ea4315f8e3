// Statements to an SQLite file behind the program's back.
#pragma once

#include <QSqlDatabase>
#include <QSqlQuery>
#include <QStringList>

namespace rhexion::test {

// The first statement that fails, or nothing.
inline QString rawSql(const QString& path, const QStringList& statements)
{
    QString failed;
    const QString name = QStringLiteral("raw");
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        db.setDatabaseName(path);
        if (!db.open())
            failed = path;
        QSqlQuery query(db);
        for (const QString& sql : statements)
            if (failed.isEmpty() && !query.exec(sql))
                failed = sql;
        query.finish();
        db.close();
    }
    QSqlDatabase::removeDatabase(name);
    return failed;
}

} // namespace rhexion::test
