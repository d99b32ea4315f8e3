#include "cli/report_json.h"

#include "storage/reckoning_json.h"
#include "words/caution_words.h"
#include "words/lexicon.h"
#include "words/refusal_words.h"

#include <QJsonArray>

namespace rhexion {

QJsonObject reckoningJson(const Formula& f, const Reckoning& r, const Doubt* doubt,
                          const heat::HeatTold& heat, const Speech& s)
{
    const std::vector<Caution> findings = findingsOf(f, r, doubt, *words::lexicon(), heat.findings);
    QJsonObject root = reckoningToJson(f, r, findings, doubt);
    QJsonArray cautions = root["cautions"].toArray();
    for (qsizetype i = 0; i < cautions.size(); ++i) {
        const Caution& c = findings[std::size_t(i)];
        QJsonObject out = cautions[i].toObject();
        out["title"] = words::cautionTitle(c, f, s);
        out["reason"] = words::cautionReason(c, f, s);
        if (c.mend)
            out["mend"] = words::mendLabel(c, f, s);
        cautions[i] = out;
    }
    root["cautions"] = cautions;
    return root;
}

QJsonObject refusalJson(const Formula& f, const Refusal& refusal, const Speech& s)
{
    QJsonObject root = refusalToJson(f, refusal);
    QJsonObject refused = root["refused"].toObject();
    refused["message"] = words::refusal(refusal, s);
    root["refused"] = refused;
    return root;
}

} // namespace rhexion
