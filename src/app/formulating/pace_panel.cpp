#include "app/formulating/pace_panel.h"

#include "app/formulating/pace_memory.h"
#include "app/formulating/pace_picture.h"
#include "app/help.h"
#include "document/formula_document.h"
#include "words/working_time_words.h"

#include <QComboBox>
#include <QFormLayout>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

PacePanel::PacePanel(FormulaDocument& document, PaceMemory& memory, QWidget* parent)
    : TopicPanel(tr("Working time"), document, parent), memory_(memory)
{
    helpOn(this, "pace");
    blending_ = new QComboBox(this);
    blending_->addItems({tr("stick, in short bursts"), tr("whisk only"), tr("stick, for long")});
    gel_ = new QComboBox(this);
    gel_->addItems({tr("not known"), tr("kept warm: it gels"), tr("kept cool: it does not")});
    auto* form = new QFormLayout;
    form->setRowWrapPolicy(QFormLayout::WrapLongRows);
    form->addRow(tr("Blended with"), blending_);
    form->addRow(tr("In the mould"), gel_);
    above()->addLayout(form);
    picture_ = new PacePicture(this);
    above()->addWidget(picture_);
    connect(blending_, &QComboBox::activated, this, [this](int at) {
        change(tr("Say how it is blended"),
               [at](Handling& h) { h.blending = static_cast<Blending>(at); });
    });
    connect(gel_, &QComboBox::activated, this, [this](int at) {
        change(tr("Say whether it gels"), [at](Handling& h) { h.gel = static_cast<GelPlan>(at); });
    });
    connect(picture_, &PacePicture::switched, this, [this](const QString& code, bool on) {
        change(on ? tr("Count a factor again") : tr("Leave a factor out"), [&](Handling& h) {
            std::erase(h.factorsOff, code.toStdString());
            if (!on)
                h.factorsOff.push_back(code.toStdString());
        });
    });
    connect(&memory_, &PaceMemory::changed, this, [this] {
        if (isVisible())
            refresh();
    });
}

void PacePanel::showEvent(QShowEvent* event)
{
    TopicPanel::showEvent(event);
    memory_.wake();
}

void PacePanel::change(const QString& text, const std::function<void(Handling&)>& how)
{
    Handling handling = document().formula().handling;
    how(handling);
    document().apply(SetHandling{handling}, text);
}

void PacePanel::refreshControls()
{
    const Handling& h = document().formula().handling;
    blending_->setCurrentIndex(int(h.blending));
    gel_->setCurrentIndex(int(h.gel));
}

words::FactPage PacePanel::factsOf(const Formula& f, const Reckoning& r)
{
    words::FactPage page = words::workingFacts(f, r, memory_.tried(), memory_.logs(), speech());
    const std::vector<ScentDose> scents = scentDoses(f, r, memory_.tried());
    picture_->set(
        workingTime(workFeatures(f, r), scents, f.handling.blending, f.handling.factorsOff), f,
        speech());
    return page;
}

} // namespace rhexion
