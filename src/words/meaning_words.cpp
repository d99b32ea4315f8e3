#include "words/meaning_words.h"

#include "storage/naming.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {
struct MeaningText {
    Q_DECLARE_TR_FUNCTIONS(Meaning)
};
} // namespace

QString whichIsMeant(const Identification& what, const QString& name)
{
    switch (what.verdict) {
    case IdentityVerdict::Certain: return {};
    case IdentityVerdict::Ambiguous:
        return what.general ? questionOf(*what.general)
                            : MeaningText::tr("“%1” is the name of several. Which one?").arg(name);
    case IdentityVerdict::Near: return MeaningText::tr("Which one do you mean by “%1”?").arg(name);
    case IdentityVerdict::Unknown: return MeaningText::tr("“%1” is not on the shelf").arg(name);
    }
    return {};
}

} // namespace rhexion::words
