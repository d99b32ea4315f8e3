// The figures around the making as JSON (docs/formats/making.schema.json): one object a topic.
#pragma once

#include "core/advice/reckon.h"
#include "core/making/working_time.h"
#include "core/wishes/formula_wishes.h"
#include "storage/fittings.h"

#include <QJsonObject>

#include <span>

namespace rhexion {

QJsonObject cannotToJson(const Cannot& cannot);
QJsonObject mouldFitToJson(const Formula& formula, const Reckoning& reckoning);
QJsonObject scentToJson(const Formula& formula, const ScentPicture& picture,
                        const Fittings& fittings);
QJsonObject blendToJson(const Formula& formula, const Reckoning& reckoning);
QJsonObject waterToJson(const Formula& formula, const Reckoning& reckoning, const WashWater& water);
QJsonObject workingToJson(const Formula& formula, const Reckoning& reckoning,
                          std::span<const std::string> tried, std::span<const OwnLog> logs);
QJsonObject proposalToJson(const ProposalResult& result, const WishProblem& asked);

} // namespace rhexion
