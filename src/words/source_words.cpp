#include "words/source_words.h"

#include "core/materials/own_sources.h"
#include "storage/material_names.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct SourcesText {
    Q_DECLARE_TR_FUNCTIONS(Sources)
};

QString ownSaid(OwnSource what)
{
    switch (what) {
    case OwnSource::Definition: return SourcesText::tr("By definition");
    case OwnSource::MakersWord:
        return SourcesText::tr(
            "What it is in its maker’s own word, the figures wide: common practice, no source");
    case OwnSource::PuritySet:
        return SourcesText::tr(
            "Purity as you set it, within a hundredth: common practice, no source");
    case OwnSource::UsualFat: return SourcesText::tr("SV of the usual fat of this kind of food");
    case OwnSource::UsualPh: return SourcesText::tr("Usual pH of the food");
    case OwnSource::AcidityUnknown:
        return SourcesText::tr(
            "Not known: titrate it, or treat it as 0 to the most such a food has");
    }
    return {};
}

} // namespace

QString sourceSaid(const Source& source)
{
    QString text = spokenSource(QString::fromStdString(source.text));
    for (const OwnSourceRow& row : ownSources)
        if (source.id == row.id && source.text == row.text)
            text = ownSaid(row.what);
    return source.fromMemory ? SourcesText::tr("%1 (from memory)").arg(text) : text;
}

QString sourceSaid(const Material& material, const std::string& sourceId)
{
    const Source* source = material.findSource(sourceId);
    return source ? sourceSaid(*source) : QString();
}

} // namespace rhexion::words
