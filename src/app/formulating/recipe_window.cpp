#include "app/formulating/recipe_window.h"

#include "app/files/file_choice.h"
#include "app/help.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "app/widgets/own_words.h"
#include "app/widgets/scroll_room.h"
#include "storage/material_names.h"
#include "storage/stock.h"
#include "storage/text_file.h"
#include "storage/whole_file.h"
#include "words/meaning_words.h"
#include "words/recipe_text_words.h"
#include "words/refusal_words.h"

#include <QFile>
#include <QHBoxLayout>
#include <QMenu>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSplitter>
#include <QTextBlock>
#include <QVBoxLayout>

namespace rhexion {

namespace {

constexpr int mostRowsShown = 300;
constexpr int readingRest = 250; // ms after the last key

QColor colourOf(Recipe::Kind kind)
{
    const Colours& c = Theme::colours();
    switch (kind) {
    case Recipe::Kind::Material: return c.action;
    case Recipe::Kind::NotUnderstood: return c.danger;
    case Recipe::Kind::Setting:
    case Recipe::Kind::Total: return c.care;
    default: return c.muted;
    }
}

// A question as a button: its answers are a menu.
QPushButton* chip(const QString& text, QWidget* parent)
{
    auto* button = new QPushButton(text, parent);
    button->setFont(Theme::small());
    return button;
}

} // namespace

RecipeWindow::RecipeWindow(Stock& stock, std::function<Formula()> start, QWidget* owner)
    : LeavableWindow(owner), stock_(stock), start_(std::move(start))
{
    helpOn(this, "recipes");
    setWindowTitle(tr("Recipe as text"));
    text_ = new QPlainTextEdit(this);
    text_->setPlaceholderText(
        tr("Paste a recipe here, as it is written: one material a line, amounts before or after, "
           "settings like “superfat 5 %”, and the method. Every line is kept."));
    text_->setAccessibleName(tr("The recipe as it is written"));
    auto* rows = new QWidget(this);
    room_ = new ScrollRoom(rows, this);
    room_->setAccessibleName(tr("What each line was read as"));
    auto* split = new QSplitter(Qt::Horizontal, this);
    split->addWidget(text_);
    split->addWidget(room_);
    split->setStretchFactor(0, 2);
    split->setStretchFactor(1, 3);
    split->setChildrenCollapsible(false);
    split->setSizes({Theme::px(440), Theme::px(620)});
    said_ = new Label(this);
    said_->setWordWrap(true);
    size_ = new NumberField(QStringLiteral("g"), 0, true, this);
    size_->setPlaceholderText(tr("oils in all"));
    size_->setAccessibleName(tr("Oils in all"));
    fixWidth(size_, 120);
    open_ = new QPushButton(tr("Put it on the bench"), this);
    open_->setObjectName(QStringLiteral("primary"));
    auto* fromFile = new QPushButton(tr("Open a text…"), this);
    auto* bottom = new QHBoxLayout;
    bottom->addWidget(fromFile);
    bottom->addWidget(said_, 1);
    bottom->addWidget(size_);
    bottom->addWidget(open_);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(split, 1);
    layout->addLayout(bottom);
    resize(1060, 640);

    rest_.setSingleShot(true);
    rest_.setInterval(readingRest);
    connect(&rest_, &QTimer::timeout, this, &RecipeWindow::readNow);
    connect(text_, &QPlainTextEdit::textChanged, &rest_, qOverload<>(&QTimer::start));
    connect(size_, &NumberField::entered, this, &RecipeWindow::readNow);
    connect(open_, &QPushButton::clicked, this, &RecipeWindow::make);
    connect(fromFile, &QPushButton::clicked, this, [this] {
        const QString path = files::toOpen(this, tr("Open a recipe"), QString(),
                                           tr("Texts (*.txt *.md *.csv);;All files (*)"));
        if (!path.isEmpty())
            openFile(path);
    });
    connect(&Theme::news(), &LookNews::changed, this, &RecipeWindow::rebuild);
    readNow();
}

RecipeWindow::~RecipeWindow() = default;

void RecipeWindow::setSpeech(const Speech& speech)
{
    speech_ = speech;
    size_->setSpeech(speech);
    readNow();
}

void RecipeWindow::setText(const QString& text)
{
    text_->setPlainText(text);
    readNow();
}

void RecipeWindow::openFile(const QString& path)
{
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        said_->setText(file.errorString());
        return;
    }
    const auto read = readUpTo(file, qint64(longestRecipe));
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        said_->setText(words::fileFault(*fault));
        return;
    }
    const auto& bytes = std::get<QByteArray>(read);
    if (bytes.size() > qint64(longestRecipe))
        said_->setText(words::recipeRefusal(RecipeRefusal::TooLong));
    else if (const auto text = textOfBytes(bytes))
        setText(*text);
    else
        said_->setText(words::recipeIsNoText());
}

QString RecipeWindow::keyOf(const RecipeLine& line, RecipeQuestion question) const
{
    const std::size_t at = std::size_t(std::max(1, line.n)) - 1;
    const std::string text = at < recipe_.text.size() ? recipe_.text[at] : std::string();
    return QString::fromStdString(text + '\n' + line.name + '\n') + QLatin1String(codeOf(question));
}

void RecipeWindow::findMaterials()
{
    materials_ =
        materialsFor(recipe_, [this](const RecipeLine& line) { return stock_.meantBy(line); });
}

void RecipeWindow::readNow()
{
    rest_.stop();
    const QByteArray utf8 = text_->toPlainText().toUtf8();
    RecipeRead read = readRecipe({utf8.constData(), std::size_t(utf8.size())});
    recipe_ = std::move(read.recipe);
    if (read.refusal) {
        said_->setText(words::recipeRefusal(*read.refusal));
        rebuild();
        return;
    }
    findMaterials();
    // Answers given before hold for lines that still read the same.
    for (std::size_t i = recipe_.lines.size(); i-- > 0;) {
        const std::vector<RecipeQuestion> asked = recipe_.lines[i].amount.ask;
        const int n = recipe_.lines[i].n;
        for (const RecipeQuestion q : asked) {
            if (i >= recipe_.lines.size() || recipe_.lines[i].n != n)
                break; // left out
            const auto found = answers_.constFind(keyOf(recipe_.lines[i], q));
            if (found != answers_.constEnd())
                answer(recipe_, i, q, *found);
        }
        if (i < recipe_.lines.size() && recipe_.lines[i].n == n)
            if (const auto found =
                    answers_.constFind(keyOf(recipe_.lines[i], RecipeQuestion::WhichMaterial));
                found != answers_.constEnd() && found->what == RecipeReading::What::Material)
                recipe_.lines[i].material = found->material;
    }
    findMaterials();
    answerSettings();
    const auto start = startingWith(
        recipe_, start_(), [this](const RecipeLine& line) { return stock_.meantBy(line); });
    made_ = formulaOf(recipe_, materials_, start.value_or(start_()), size_->value());
    made_.sure &= start.has_value();
    rebuild();
}

QString RecipeWindow::keyOf(int n, RecipeQuestion question) const
{
    RecipeLine setting;
    setting.n = n;
    return keyOf(setting, question);
}

void RecipeWindow::answerSettings()
{
    for (std::size_t i = recipe_.settingAsks.size(); i-- > 0;) {
        const auto found =
            answers_.constFind(keyOf(recipe_.settingAsks[i].n, recipe_.settingAsks[i].question));
        if (found != answers_.constEnd())
            answerSetting(recipe_, i, *found);
        i = std::min(i, recipe_.settingAsks.size()); // one answer may settle others
    }
}

QWidget* RecipeWindow::settingChip(std::size_t ask)
{
    const auto [n, question] = recipe_.settingAsks[ask];
    auto* button = chip(words::recipeQuestion(question), this);
    button->setToolTip(words::recipeTaken(question, RecipeLine(), speech_));
    HouseStyle::setTone(button, Tone::Care);
    auto* menu = new QMenu(button);
    for (const RecipeReading& reading : readingsOf(question))
        menu->addAction(words::recipeReading(reading, RecipeLine(), speech_), this,
                        [this, key = keyOf(n, question), reading] {
                            answers_.insert(key, reading);
                            readNow();
                        });
    button->setMenu(menu);
    return button;
}

void RecipeWindow::take(std::size_t line, RecipeQuestion question, const RecipeReading& reading)
{
    if (line < recipe_.lines.size())
        answers_.insert(keyOf(recipe_.lines[line], question), reading);
    readNow();
}

QWidget* RecipeWindow::chipOf(std::size_t at, RecipeQuestion question)
{
    const RecipeLine& line = recipe_.lines[at];
    auto* button = chip(words::recipeQuestion(question), this);
    button->setToolTip(words::recipeTaken(question, line, speech_));
    auto* menu = new QMenu(button);
    for (const RecipeReading& reading : readingsOf(line, question))
        menu->addAction(words::recipeReading(reading, line, speech_), this,
                        [this, at, question, reading] { take(at, question, reading); });
    button->setMenu(menu);
    return button;
}

QWidget* RecipeWindow::materialChip(std::size_t at)
{
    constexpr std::size_t most = 10;
    const RecipeMaterial& m = materials_[at];
    const RecipeLine& line = recipe_.lines[at];
    const QString name = QString::fromStdString(line.name);
    const NameBook::Found found = stock_.identify(name);
    auto* button = chip(m.material ? tr("taken as: %1").arg(materialName(*m.material))
                                   : words::whichIsMeant(found.what, name),
                        this);
    if (!m.material)
        HouseStyle::setTone(button, Tone::Care);
    auto* menu = new QMenu(button);
    const auto takeReading = [this, at](const RecipeReading& reading) {
        take(at, RecipeQuestion::WhichMaterial, reading);
    };
    for (std::size_t i = 0; i < std::min(found.list.size(), most); ++i) {
        const StockEntry& entry = stock_.entries()[found.list[i]];
        if (!entry.lot.empty() || (m.material && m.material->id == entry.material))
            continue;
        menu->addAction(entry.name, this,
                        [this, takeReading, name, id = entry.material,
                         isWord = !found.bySearch && !m.material] {
                            if (isWord) {
                                ownWords::remember(name, id);
                                stock_.setOwnWords(ownWords::all());
                            }
                            takeReading({RecipeReading::What::Material, 0.0, id});
                        });
    }
    if (!m.material) {
        menu->addSeparator();
        for (const RecipeReading& reading : readingsOf(line, RecipeQuestion::WhichMaterial))
            menu->addAction(words::recipeReading(reading, line, speech_), this,
                            [takeReading, reading] { takeReading(reading); });
    }
    if (menu->isEmpty())
        delete menu;
    else
        button->setMenu(menu);
    button->setEnabled(button->menu() != nullptr);
    return button;
}

QWidget* RecipeWindow::notUnderstoodChip(int n)
{
    auto* button = chip(tr("what is it?"), this);
    auto* menu = new QMenu(button);
    const auto edit = [this, n](const QString& before, bool remove) {
        QTextCursor cursor(text_->document()->findBlockByNumber(n - 1));
        if (remove) {
            cursor.movePosition(QTextCursor::EndOfBlock, QTextCursor::KeepAnchor);
            cursor.removeSelectedText();
        } else {
            cursor.insertText(before);
        }
        readNow();
    };
    menu->addAction(tr("It is a note"), this, [edit] { edit(QStringLiteral("note: "), false); });
    menu->addAction(tr("Take the line out"), this, [edit] { edit({}, true); });
    menu->addAction(tr("Edit it"), this, [this, n] {
        text_->setTextCursor(QTextCursor(text_->document()->findBlockByNumber(n - 1)));
        text_->setFocus();
    });
    button->setMenu(menu);
    return button;
}

QWidget* RecipeWindow::rowOf(int n)
{
    const Recipe::Kind kind = recipe_.kindOf(n);
    auto* row = new QFrame(room_->widget());
    auto* layout = new QVBoxLayout(row);
    layout->setContentsMargins(6, 2, 6, 4);
    layout->setSpacing(1);
    auto* head = new Label(QStringLiteral("%1 · %2").arg(n).arg(words::recipeKindName(kind)), row);
    head->setFont(Theme::smallStrong());
    QPalette palette = head->palette();
    palette.setColor(QPalette::WindowText, colourOf(kind));
    head->setPalette(palette);
    layout->addWidget(head);
    auto* chips = new FlowLayout(nullptr, 6, 4);
    const auto say = [&](const QString& text) {
        auto* label = new Label(text, row);
        label->setWordWrap(true);
        layout->addWidget(label);
    };
    bool said = false;
    for (std::size_t i = 0; i < recipe_.lines.size(); ++i) {
        if (recipe_.lines[i].n != n)
            continue;
        say(words::recipeLineSaid(recipe_.lines[i]));
        said = true;
        const bool lye = materials_[i].isLye;
        const auto& m = materials_[i].material;
        const bool same =
            m && materialName(*m).compare(QString::fromStdString(recipe_.lines[i].name),
                                          Qt::CaseInsensitive) == 0;
        // The form of citric acid is one question, asked below.
        if (!lye && !same && !recipe_.lines[i].isAsked(RecipeQuestion::CitricForm))
            chips->addWidget(materialChip(i));
        for (const RecipeQuestion q : recipe_.lines[i].amount.ask)
            if (q != RecipeQuestion::WhichMaterial)
                chips->addWidget(chipOf(i, q));
    }
    for (std::size_t i = 0; i < recipe_.settingAsks.size(); ++i)
        if (recipe_.settingAsks[i].n == n)
            chips->addWidget(settingChip(i));
    for (const RecipeTotal& total : recipe_.totals)
        if (total.n == n) {
            say(words::recipeTotalSaid(total, speech_));
            said = true;
        }
    if (!said)
        say(QString::fromStdString(recipe_.text[std::size_t(n) - 1]).trimmed());
    if (kind == Recipe::Kind::NotUnderstood)
        chips->addWidget(notUnderstoodChip(n));
    layout->addLayout(chips);
    return row;
}

void RecipeWindow::rebuild()
{
    auto* rows = new QWidget;
    auto* layout = new QVBoxLayout(rows);
    layout->setSpacing(2);
    room_->setWidget(rows);
    int shown = 0;
    int more = 0;
    for (std::size_t n = 1; n <= recipe_.text.size(); ++n) {
        if (recipe_.kindOf(int(n)) == Recipe::Kind::Blank)
            continue;
        if (shown++ < mostRowsShown)
            layout->addWidget(rowOf(int(n)));
        else
            ++more;
    }
    if (more > 0)
        layout->addWidget(new Label(tr("and %n more line(s), read as well", nullptr, more), rows));
    layout->addStretch();
    size_->setVisible(made_.percentAlone || size_->value());
    open_->setEnabled(!made_.formula.lines.empty() && !recipe_.lines.empty() &&
                      made_.openQuestions == 0);
    QStringList said;
    if (recipe_.lines.empty()) {
        said << tr("Nothing is read yet.");
    } else {
        said << tr("%n material(s) read.", nullptr, int(recipe_.lines.size()));
        if (const auto superfat = superfatOfStatedLye(made_))
            said << words::recipeLyeSaid(*superfat, speech_);
        if (made_.percentAlone)
            said << tr("All in per cent: 1000 g of oils are taken until you say.");
        if (!recipe_.notUnderstood.empty())
            said << tr("%n line(s) not understood; they stay in the notes.", nullptr,
                       int(recipe_.notUnderstood.size()));
        if (made_.openQuestions > 0)
            said << tr("%n question(s) to answer before it goes on the bench.", nullptr,
                       made_.openQuestions);
        else if (!made_.holdBack.empty())
            said << tr("Before it is made, %n question(s) about lye or amounts must be answered.",
                       nullptr, int(made_.holdBack.size()));
    }
    said_->setText(said.join(QLatin1Char(' ')));
}

void RecipeWindow::make()
{
    readNow();
    if (made_.openQuestions > 0)
        return;
    QStringList held;
    for (const RecipeQuestion q : made_.holdBack)
        held << words::recipeQuestion(q);
    Q_EMIT formulaMade(made_.formula, held);
    close();
}

} // namespace rhexion
