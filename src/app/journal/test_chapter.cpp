#include "app/journal/test_chapter.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "words/after_words.h"
#include "words/cannot_words.h"
#include "words/cure_words.h"

#include <QComboBox>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

namespace {

enum How { Caustic, Total, Drop };

} // namespace

TestChapter::TestChapter(QWidget* parent) : QWidget(parent)
{
    helpOn(this, "tests");
    how_ = new QComboBox(this);
    how_->setAccessibleName(tr("How it was tested"));
    how_->addItems({tr("Free caustic, titrated in alcohol"), tr("Total, acid titrated back"),
                    tr("A drop of phenolphthalein")});
    pink_ = new QComboBox(this);
    pink_->setAccessibleName(tr("What the drop did"));
    pink_->addItems({tr("no pink"), tr("pink at once")});
    auto* form = new QWidget(this);
    auto* row = new FlowLayout(form, Theme::px(8), Theme::px(6));
    row->addWidget(how_);
    row->addWidget(pink_);
    for (NumberField*& field : fields_) {
        field = new NumberField({}, 3, true, form);
        fixWidth(field, 150);
        row->addWidget(field);
        connect(field, &NumberField::entered, this, &TestChapter::weigh);
    }
    keep_ = new QPushButton(tr("Write the test down"), form);
    row->addWidget(keep_);
    auto* soFar = new Label(this);
    soFar->setWordWrap(true);
    soFar_ = soFar;
    page_ = new ChapterBrowser(tr("Free alkali"), this);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(form);
    column->addWidget(soFar_);
    column->addWidget(page_, 1);
    connect(how_, &QComboBox::currentIndexChanged, this, [this] { fit(); });
    connect(keep_, &QPushButton::clicked, this, [this] {
        if (const auto test = read()) {
            Q_EMIT tested(*test);
            fields_[0]->setValue(std::nullopt);
            weigh();
        }
    });
    fit();
}

QString TestChapter::pageText() const
{
    return page_->toPlainText();
}

void TestChapter::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* field : fields_)
        field->setSpeech(speech);
}

void TestChapter::fit()
{
    struct Field {
        QString name;
        QString unit;
        std::optional<double> usual;
    };
    const QString ml = QStringLiteral("ml");
    const QString mol = QStringLiteral("mol/l");
    const QList<Field> caustic{{tr("acid used"), ml, {}},
                               {tr("blank"), ml, 0.0},
                               {tr("acid strength"), mol, 0.1},
                               {tr("soap"), QStringLiteral("g"), 10.0}};
    const QList<Field> total{{tr("acid added"), ml, 10.0},
                             {tr("acid strength"), mol, 0.1},
                             {tr("base used"), ml, {}},
                             {tr("base strength"), mol, 0.1},
                             {tr("soap"), QStringLiteral("g"), 5.0}};
    const int how = how_->currentIndex();
    const QList<Field> wanted = how == Caustic ? caustic : how == Total ? total : QList<Field>{};
    for (int i = 0; i < 5; ++i) {
        fields_[i]->setVisible(i < wanted.size());
        if (i >= wanted.size())
            continue;
        fields_[i]->setSuffix(QStringLiteral("%1 %2").arg(wanted[i].unit, wanted[i].name));
        fields_[i]->setAccessibleName(wanted[i].name);
        fields_[i]->setPlaceholderText(wanted[i].name);
        fields_[i]->setValue(wanted[i].usual);
    }
    pink_->setVisible(how == Drop);
    weigh();
}

std::optional<AlkaliTested> TestChapter::read() const
{
    const auto value = [&](int i) { return fields_[i]->value(); };
    if (how_->currentIndex() == Drop)
        return AlkaliTested{pink_->currentIndex() == 1};
    if (how_->currentIndex() == Caustic) {
        if (!value(0) || !value(2) || !value(3))
            return std::nullopt;
        return AlkaliTested{
            CausticTitration{*value(0), value(1).value_or(0.0), *value(2), *value(3)}};
    }
    if (!value(0) || !value(1) || !value(2) || !value(3) || !value(4))
        return std::nullopt;
    return AlkaliTested{TotalTitration{*value(0), *value(1), *value(2), *value(3), *value(4)}};
}

void TestChapter::weigh()
{
    const auto test = read();
    QString said;
    bool good = test.has_value();
    if (test && !std::holds_alternative<bool>(test->how)) {
        const auto* caustic = std::get_if<CausticTitration>(&test->how);
        const auto found =
            caustic ? freeCaustic(*caustic) : totalFreeAlkali(std::get<TotalTitration>(test->how));
        if (const auto* no = std::get_if<Cannot>(&found)) {
            said = words::cannot(*no, speech_);
            good = false;
        } else {
            said = words::causticSaid(std::get<Interval>(found), speech_);
        }
    }
    static_cast<Label*>(soFar_)->setText(said);
    soFar_->setVisible(!said.isEmpty());
    keep_->setEnabled(good);
}

void TestChapter::show(const Batch& batch, const Cured& cured, const AlkaliLimits& limits,
                       const Speech& speech)
{
    setSpeech(speech);
    facts_ = words::testFacts(batch, cured, limits, speech);
    page_->setFacts(facts_, false);
}

} // namespace rhexion
