// The panels of formulating, each made when it is first wanted.
#pragma once

#include "words/speech.h"

#include <QObject>

#include <array>

class QWidget;

namespace rhexion {

class BlendPanel;
class ComparePanel;
class FormulaDocument;
class MouldPanel;
class OwnFittings;
class PaceMemory;
class PacePanel;
class ScentPanel;
class Stock;
class TopicPanel;
class WaterPanel;
class WishesPanel;

enum class Topic { Mould, Scent, Blend, Water, Pace, Compare, Wishes };
inline constexpr std::size_t topicCount = 7;

class FormulatingPanels : public QObject {
    Q_OBJECT
public:
    FormulatingPanels(FormulaDocument& document, Stock& stock, OwnFittings& fittings,
                      PaceMemory& memory, QObject* parent = nullptr);

    bool isMade(Topic topic) const { return panels_[std::size_t(topic)] != nullptr; }
    TopicPanel* panel(Topic topic, QWidget* parent);
    template <class Panel>
    Panel* as(Topic topic) const
    {
        return static_cast<Panel*>(panels_[std::size_t(topic)]);
    }
    void setSpeech(const Speech& speech);

Q_SIGNALS:
    void noted(const QString& text);

private:
    FormulaDocument& document_;
    Stock& stock_;
    OwnFittings& fittings_;
    PaceMemory& memory_;
    Speech speech_;
    std::array<TopicPanel*, topicCount> panels_{};
};

} // namespace rhexion
