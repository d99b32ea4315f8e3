// Figures as they were, so that a change which moves one is seen and looked at. They prove that
// nothing moved, not that it is right: that is for the tests by hand and from outside.
//
// RHEXION_KEEP=1 in the environment writes them anew; the difference is for the eye, in git.
#pragma once

#include <QFile>
#include <QString>
#include <QStringList>

#include <cmath>
#include <vector>

namespace rhexion::test {

class Kept {
public:
    explicit Kept(const char* file)
        : path_(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/kept/") + QLatin1String(file))
    {
    }
    void add(const QString& name, const std::vector<double>& figures)
    {
        QStringList row{name};
        for (const double figure : figures)
            row << QString::number(figure, 'g', 8);
        rows_ << row.join(QLatin1Char('\t'));
    }
    // The first row that is another one now, in words; empty where all are as they were.
    QString firstDifference() const
    {
        QFile file(path_);
        if (qEnvironmentVariableIntValue("RHEXION_KEEP") == 1) {
            const QByteArray text = (rows_.join(QLatin1Char('\n')) + QLatin1Char('\n')).toUtf8();
            return file.open(QIODevice::WriteOnly) && file.write(text) == text.size()
                       ? QString()
                       : file.errorString();
        }
        if (!file.open(QIODevice::ReadOnly))
            return file.errorString();
        const QStringList before =
            QString::fromUtf8(file.readAll()).trimmed().split(QLatin1Char('\n'));
        if (before.size() != rows_.size())
            return QStringLiteral("%1 rows, before %2").arg(rows_.size()).arg(before.size());
        for (qsizetype i = 0; i < rows_.size(); ++i)
            if (!same(before[i].split(QLatin1Char('\t')), rows_[i].split(QLatin1Char('\t'))))
                return QStringLiteral("now:\n%1\nbefore:\n%2").arg(rows_[i], before[i]);
        return {};
    }

private:
    // To a part in a million: builds and libraries differ in the last digits.
    static bool same(const QStringList& before, const QStringList& now)
    {
        if (before.size() != now.size() || before[0] != now[0])
            return false;
        for (qsizetype i = 1; i < now.size(); ++i) {
            const double a = before[i].toDouble();
            const double b = now[i].toDouble();
            if (!(std::abs(a - b) <= 1e-6 * std::abs(a) + 1e-9) && before[i] != now[i])
                return false;
        }
        return true;
    }

    QString path_;
    QStringList rows_;
};

} // namespace rhexion::test
