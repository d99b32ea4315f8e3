#include "batch/draft_keeper.h"

#include "storage/whole_file.h"

#include <QFile>

namespace rhexion {

DraftKeeper::DraftKeeper(const QString& folder, const QString& batch)
    : path_(folder.isEmpty() ? QString() : QStringLiteral("%1/making-%2.draft").arg(folder, batch))
{
    pool_.setMaxThreadCount(1);
    QFile file(path_);
    constexpr qint64 most = 1 << 20;
    if (!path_.isEmpty() && file.open(QIODevice::ReadOnly))
        text_ = QString::fromUtf8(file.read(most));
}

DraftKeeper::~DraftKeeper()
{
    wait();
}

void DraftKeeper::keep(const QString& text)
{
    text_ = text;
    if (path_.isEmpty())
        return;
    pool_.clear(); // what is not begun yet is older than this
    pool_.start([this, bytes = text.toUtf8()] { Q_EMIT kept(!writeWhole(path_, bytes, true)); });
}

void DraftKeeper::wait()
{
    pool_.waitForDone();
}

void DraftKeeper::clear()
{
    pool_.clear();
    wait();
    text_.clear();
    if (!path_.isEmpty())
        QFile::remove(path_);
}

} // namespace rhexion
