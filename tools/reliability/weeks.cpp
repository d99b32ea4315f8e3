#include "weeks.h"

#include "core/makeday/plan.h"
#include "photos/photo_folder.h"
#include "storage/backup.h"
#include "storage/catalogue.h"
#include "storage/event_json.h"
#include "storage/sqlite_journal.h"

#include <QDir>
#include <QImage>

#include <cstdio>
#include <random>

namespace rhexion::reliability {

namespace {

void say(const QString& what)
{
    std::printf("%s\n", qPrintable(what));
    std::fflush(stdout);
}

QString journalIn(const QString& folder)
{
    return folder + QStringLiteral("/journal.sqlite");
}

Formula barOfSoap()
{
    Formula f;
    f.name = "A bar";
    const auto add = [&](const char* id, StatedAmount amount, Vessel vessel) {
        Line line;
        line.id = f.newId();
        line.material = Catalogue::shipped().find(id);
        line.amount = amount;
        line.vessel = vessel;
        f.lines.push_back(line);
    };
    add("olive-oil", {500, AmountUnit::Gram}, Vessel::OilPot);
    add("goat-milk", {60, AmountUnit::Gram}, Vessel::Trace);
    add("water", {0, AmountUnit::Rest}, Vessel::LyeJug);
    f.lye.sodium = Catalogue::shipped().find("sodium-hydroxide");
    return f;
}

AfterWhat anything(std::mt19937& random)
{
    switch (random() % 7) {
    case 0: return OutcomeSeen{static_cast<Seen>(random() % 20)};
    case 1: return CareDone{Care::Cut, int(random() % 20) + 1, {}};
    case 2: return LessonKept{"keep it cool", {"goat-milk"}, {}};
    case 3: return VerdictGiven{Verdict::Again, "good"};
    case 4: return BarsMoved{BarsTo::Sold, 1, 550.0};
    default: return BarsWeighed{90.0 + double(random() % 30), 1, 1.0, "bar 1"};
    }
}

} // namespace

int livingWeeks(const QString& folder, unsigned seed, int mostActs)
{
    std::mt19937 random(seed);
    auto opened = SqliteJournal::open(journalIn(folder));
    auto* kept = std::get_if<std::unique_ptr<SqliteJournal>>(&opened);
    if (kept == nullptr)
        return 0; // the maker sees why
    Journal& journal = **kept;
    const Formula f = barOfSoap();
    const Reckoning r = std::get<Reckoning>(reckon(f));
    const DayPlan plan = planDay(f, r);
    const PhotoFolder photos(folder + QStringLiteral("/photos"));
    std::string batch;
    std::vector<std::string> written;
    for (int i = 0; i < mostActs; ++i) {
        const QDateTime now = QDateTime::currentDateTimeUtc();
        if (batch.empty() || random() % 25 == 0) {
            const std::string fresh = newId();
            if (!journal.append(
                    {eventAt(now, fresh, journal.bench(), BatchBegun{f, r.amounts, plan}),
                     eventAt(now, fresh, journal.bench(), BatchFinished{0.05, 0.33, 700.0})})) {
                batch = fresh;
                written.clear();
                say(QStringLiteral("batch %1").arg(QString::fromStdString(fresh)));
            }
            continue;
        }
        if (random() % 15 == 0) {
            QImage image(40, 30, QImage::Format_RGB32);
            image.fill(QRgb(random() & 0xffffff));
            const QString path = folder + QStringLiteral("/phone.png");
            if (image.save(path))
                if (const auto taken = photos.take(path);
                    const auto* photo = std::get_if<PhotoTaken>(&taken))
                    say(QStringLiteral("photo %1").arg(photo->file));
            continue;
        }
        if (random() % 60 == 0) {
            const QString path =
                folder + QStringLiteral("/copy-%1.rhexion-backup").arg(random() % 5);
            if (!writeBackup(folder, path, now))
                say(QStringLiteral("backup %1").arg(path));
            continue;
        }
        const bool back = !written.empty() && random() % 8 == 0;
        const Event event = back ? eventAt(now, batch, journal.bench(),
                                           TakenBack{written[random() % written.size()]})
                                 : eventAt(now, batch, journal.bench(),
                                           After{now.toMSecsSinceEpoch(), anything(random), 0});
        if (!journal.append({event})) {
            if (!back)
                written.push_back(event.id);
            say(QStringLiteral("event %1 %2")
                    .arg(QString::fromStdString(batch), QString::fromStdString(event.id)));
        }
    }
    return 0;
}

qsizetype lostWeeks(const QString& folder, const QStringList& acknowledged)
{
    if (acknowledged.isEmpty())
        return 0;
    auto opened = SqliteJournal::open(journalIn(folder));
    auto* kept = std::get_if<std::unique_ptr<SqliteJournal>>(&opened);
    if (kept == nullptr)
        return acknowledged.size();
    SqliteJournal& journal = **kept;
    const PhotoFolder photos(folder + QStringLiteral("/photos"));
    QHash<QString, QSet<QString>> events;
    qsizetype lost = 0;
    for (const QString& act : acknowledged) {
        const QStringList words = act.split(QLatin1Char(' '));
        const QString& batch = words.value(1);
        bool there = true;
        if (words[0] == QLatin1String("photo")) {
            there = !photos.photo(batch).isNull();
        } else if (words[0] == QLatin1String("backup")) {
            there = std::holds_alternative<QList<BackupEntry>>(checkBackup(act.mid(7)));
        } else {
            if (!events.contains(batch))
                if (const auto read = journal.events(batch);
                    const auto* all = std::get_if<QList<Event>>(&read))
                    for (const Event& event : *all)
                        events[batch].insert(QString::fromStdString(event.id));
            there = events.contains(batch) &&
                    (words[0] == QLatin1String("batch") || events[batch].contains(words.value(2)));
        }
        lost += there ? 0 : 1;
        if (!there)
            std::fprintf(stderr, "not there: %s\n", qPrintable(act));
    }
    // The tables beside the events say what they would say made anew.
    const auto shown = [&] {
        QStringList out;
        const auto bars = journal.bars({});
        for (const BarsOf& b : std::get<QList<BarsOf>>(bars))
            out << b.batch + QString::number(b.bars.cut) + QLatin1Char(' ') +
                       QString::number(b.bars.gone());
        const auto dues = journal.dues(0, INT64_MAX / 2, {});
        for (const DueOfBatch& d : std::get<QList<DueOfBatch>>(dues))
            out << d.batch + QString::number(d.due.at);
        const auto lessons = journal.lessons({});
        for (const LessonOf& l : std::get<QList<LessonOf>>(lessons))
            out << QString::fromStdString(l.event);
        return out;
    };
    const QStringList before = shown();
    if (journal.rebuild() || shown() != before) {
        std::fprintf(stderr, "the tables are not those of the events\n");
        ++lost;
    }
    return lost;
}

} // namespace rhexion::reliability
