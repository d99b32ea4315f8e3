#include "keyring/keyring.h"

#include <QObject>
#include <qt6keychain/keychain.h>

namespace rhexion {

namespace {

const QString service = QStringLiteral("org.rhexion.Rhexion");

class DesktopKeyring : public Keyring {
public:
    void read(const QString& name, const Answer& answer) override
    {
        auto* job = new QKeychain::ReadPasswordJob(service, &owner_);
        start(job, name, [job, answer] { answer(job->textData(), whyOf(*job)); });
    }
    void keep(const QString& name, const QString& secret, const Answer& answer) override
    {
        auto* job = new QKeychain::WritePasswordJob(service, &owner_);
        job->setTextData(secret);
        start(job, name, [job, answer] { answer({}, whyOf(*job)); });
    }
    void forget(const QString& name, const Answer& answer) override
    {
        auto* job = new QKeychain::DeletePasswordJob(service, &owner_);
        start(job, name, [job, answer] { answer({}, whyOf(*job)); });
    }

private:
    static QString whyOf(const QKeychain::Job& job)
    {
        const bool none = job.error() == QKeychain::EntryNotFound;
        return job.error() == QKeychain::NoError || none ? QString() : job.errorString();
    }
    void start(QKeychain::Job* job, const QString& name, const std::function<void()>& done)
    {
        job->setKey(name);
        job->setInsecureFallback(false); // never in a plain file
        QObject::connect(job, &QKeychain::Job::finished, &owner_, done);
        job->start();
    }

    QObject owner_;
};

} // namespace

} // namespace rhexion

extern "C" Q_DECL_EXPORT rhexion::Keyring* rhexion_make_keyring()
{
    return new rhexion::DesktopKeyring;
}
