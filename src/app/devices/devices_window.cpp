#include "app/devices/devices_window.h"

#include "app/devices/device_settings.h"
#include "app/devices/standin_scale.h"
#include "app/help.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "words/device_words.h"
#include "words/heat_words.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

namespace {

constexpr int probesShown = 2;

Label* deviceHead(const QString& text, QWidget* parent)
{
    auto* label = new Label(text, parent);
    label->setFont(Theme::strong());
    return label;
}

// Where a text stands in the line, as bytes.
devices::Marked markOf(const QString& line, const QString& text)
{
    const qsizetype at = text.isEmpty() ? -1 : line.indexOf(text);
    if (at < 0)
        return {};
    const auto from = std::size_t(line.left(at).toUtf8().size());
    return {from, from + std::size_t(text.toUtf8().size())};
}

} // namespace

DevicesWindow::DevicesWindow(devices::DeviceDesk& desk, QWidget* owner)
    : LeavableWindow(owner), desk_(desk)
{
    helpOn(this, "devices");
    setWindowTitle(tr("Scales and thermometers"));
    setObjectName(QStringLiteral("page"));
    resize(860, 620);
    found_ = new QComboBox(this);
    found_->setAccessibleName(tr("What is plugged in"));
    path_ = new QLineEdit(this);
    path_->setAccessibleName(tr("Path of the port"));
    path_->setPlaceholderText(tr("or its path, such as /dev/ttyUSB0"));
    auto* addButton = new QPushButton(tr("Use it"), this);
    auto* again = new QPushButton(tr("Look again"), this);
    auto* standin = new QPushButton(tr("Try it with the stand-in scale"), this);
    list_ = new QListWidget(this);
    list_->setAccessibleName(tr("Devices of this bench"));
    list_->setWordWrap(true);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* forgetButton = new QPushButton(tr("Forget it"), this);
    auto* zero = new QPushButton(tr("Zero"), this);
    live_ = new Label(this);
    live_->setFont(Theme::figure());
    live_->setWordWrap(true);
    live_->setAlignment(Qt::AlignTop | Qt::AlignLeft);

    auto* probes = new QFormLayout;
    for (int i = 0; i < probesShown; ++i) {
        auto* at = new QComboBox(this);
        at->addItem(tr("nowhere"), QString());
        for (std::size_t k = 0; k < countOf<ReadingOf>(); ++k) {
            const auto what = static_cast<ReadingOf>(k);
            at->addItem(words::readingOfName(what), QString::fromLatin1(codeOf(what)));
        }
        at->setAccessibleName(tr("Thermometer %1 is held to").arg(i + 1));
        probes->addRow(tr("Thermometer %1 is held to").arg(i + 1), at);
        connect(at, &QComboBox::activated, this, &DevicesWindow::keep);
        probes_.push_back(at);
    }

    examples_ = new QPlainTextEdit(this);
    examples_->setAccessibleName(tr("Lines the scale sends"));
    examples_->setPlaceholderText(tr("Three lines it sends, with different weights, one below the "
                                     "other"));
    mostHeight(examples_, 90);
    number_ = new QLineEdit(this);
    unit_ = new QLineEdit(this);
    stable_ = new QLineEdit(this);
    learn_ = new QPushButton(tr("Learn these lines"), this);
    lesson_ = new Label(this);
    lesson_->setWordWrap(true);
    auto* marks = new QFormLayout;
    marks->addRow(tr("The number in the first line"), number_);
    marks->addRow(tr("The unit in it, or the unit it always is"), unit_);
    marks->addRow(tr("The word that says it is still, if there is one"), stable_);

    auto* top = new QHBoxLayout;
    top->addWidget(found_, 2);
    top->addWidget(path_, 2);
    top->addWidget(addButton);
    top->addWidget(again);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(zero);
    buttons->addWidget(forgetButton);
    buttons->addStretch();
    auto* left = new QVBoxLayout;
    left->addWidget(deviceHead(tr("Devices of this bench"), this));
    left->addWidget(list_, 1);
    left->addWidget(standin);
    auto* right = new QVBoxLayout;
    right->addWidget(deviceHead(tr("What it shows now"), this));
    right->addWidget(live_);
    right->addLayout(buttons);
    right->addLayout(probes);
    right->addSpacing(8);
    right->addWidget(deviceHead(tr("A scale that speaks its own way"), this));
    right->addWidget(examples_);
    right->addLayout(marks);
    right->addWidget(learn_);
    right->addWidget(lesson_);
    right->addStretch();
    auto* halves = new QHBoxLayout;
    halves->setSpacing(16);
    halves->addLayout(left, 2);
    halves->addLayout(right, 3);
    auto* column = new QVBoxLayout(this);
    column->addWidget(deviceHead(tr("Plugged in"), this));
    column->addLayout(top);
    column->addSpacing(6);
    column->addLayout(halves, 1);

    connect(addButton, &QPushButton::clicked, this, &DevicesWindow::add);
    connect(path_, &QLineEdit::returnPressed, this, &DevicesWindow::add);
    connect(again, &QPushButton::clicked, this, &DevicesWindow::lookAgain);
    connect(standin, &QPushButton::clicked, this, &DevicesWindow::tryStandin);
    connect(forgetButton, &QPushButton::clicked, this, &DevicesWindow::forget);
    connect(zero, &QPushButton::clicked, this, [this] {
        if (!desk_.tare())
            live_->setText(words::notTaken(desk_.weight().steady));
    });
    connect(learn_, &QPushButton::clicked, this, &DevicesWindow::teach);
    connect(list_, &QListWidget::currentRowChanged, this, [this] { refreshLive(); });
    connect(&desk_, &devices::DeviceDesk::devicesChanged, this, &DevicesWindow::refreshList);
    connect(&desk_, &devices::DeviceDesk::weightChanged, this, &DevicesWindow::refreshLive);
    lookAgain();
    refreshList();
}

DevicesWindow::~DevicesWindow() = default;

void DevicesWindow::setSpeech(const Speech& speech)
{
    speech_ = speech;
    refreshLive();
}

std::vector<devices::DeviceSetup> DevicesWindow::setups() const
{
    std::vector<devices::DeviceSetup> out;
    for (const devices::DeviceState& state : desk_.devices())
        out.push_back(state.setup);
    return out;
}

int DevicesWindow::chosen() const
{
    const int row = list_->currentRow();
    return row >= 0 && row < int(desk_.devices().size()) ? row : -1;
}

void DevicesWindow::lookAgain()
{
    found_->clear();
    for (const ports::Port& port : devices::DeviceDesk::found())
        found_->addItem(
            tr("%1, %2").arg(port.name, port.path),
            QStringList{port.path, port.name, port.hid ? QStringLiteral("hid") : QString()});
    if (found_->count() == 0)
        found_->addItem(tr("nothing found"));
    found_->setEnabled(found_->currentData().isValid());
}

void DevicesWindow::add()
{
    auto all = setups();
    devices::DeviceSetup one;
    const QStringList port = found_->currentData().toStringList();
    if (const QString typed = path_->text().trimmed(); !typed.isEmpty()) {
        one.path = typed;
        one.name = typed.section(QLatin1Char('/'), -1);
    } else if (port.size() == 3) {
        one.path = port[0];
        one.name = port[1];
        one.hid = !port[2].isEmpty();
    } else
        return;
    if (std::ranges::find(all, one.path, &devices::DeviceSetup::path) != all.end())
        return;
    one.probeAt[0] = QString::fromLatin1(codeOf(ReadingOf::Jug));
    one.probeAt[1] = QString::fromLatin1(codeOf(ReadingOf::Pot));
    all.push_back(one);
    keepDevices(all);
    desk_.setDevices(all);
    path_->clear();
    list_->setCurrentRow(list_->count() - 1);
}

void DevicesWindow::tryStandin()
{
    if (!standin_)
        standin_ = std::make_unique<StandinScale>();
    if (!standin_->begin()) {
        Q_EMIT said(tr("The stand-in scale could not be begun: %1").arg(standin_->fault()));
        return;
    }
    auto all = setups();
    if (std::ranges::find(all, standin_->path(), &devices::DeviceSetup::path) == all.end()) {
        all.push_back(standin_->setup());
        desk_.setDevices(all);
    }
    list_->setCurrentRow(list_->count() - 1);
    Q_EMIT standinBegun();
}

void DevicesWindow::forget()
{
    const int row = chosen();
    if (row < 0)
        return;
    auto all = setups();
    all.erase(all.begin() + row);
    keepDevices(all);
    desk_.setDevices(all);
}

void DevicesWindow::refreshList()
{
    const int row = std::max(0, list_->currentRow());
    const auto states = desk_.devices();
    {
        const QSignalBlocker quiet(list_);
        list_->clear();
        for (const devices::DeviceState& state : states)
            list_->addItem(state.there ? state.setup.name
                                       : tr("%1: not there (%2)").arg(state.setup.name, state.why));
        if (states.empty())
            list_->addItem(tr("None. Weights are typed; that always works."));
        list_->setCurrentRow(std::min(row, list_->count() - 1));
    }
    if (const int at = chosen(); at >= 0)
        for (int i = 0; i < probesShown; ++i)
            probes_[std::size_t(i)]->setCurrentIndex(
                std::max(0, probes_[std::size_t(i)]->findData(
                                states[std::size_t(at)].setup.probeAt[std::size_t(i)])));
    refreshLive();
}

void DevicesWindow::refreshLive()
{
    const int row = chosen();
    if (row < 0) {
        live_->setText(tr("Choose a device."));
        return;
    }
    const devices::DeviceState state = desk_.devices()[std::size_t(row)];
    QStringList lines;
    const devices::LiveWeight& w = state.live.weight;
    if (!state.there)
        lines << tr("Not there. It is tried again every second.");
    else if (w.steady == devices::Steady::NoReading || w.steady == devices::Steady::NoUnit)
        lines << tr("Scale: %1").arg(words::steadyName(w.steady));
    else
        lines << tr("Scale: %1, %2").arg(speech_.mass(w.grams), words::steadyName(w.steady));
    for (std::size_t i = 0; i < devices::mostProbes; ++i)
        if (state.live.celsius[i])
            lines << tr("Thermometer %1: %2")
                         .arg(i + 1)
                         .arg(speech_.temperature(*state.live.celsius[i]));
    lines << tr("%1 lines understood, %2 not").arg(state.live.good).arg(state.live.bad);
    if (!state.live.lastLine.empty())
        lines << tr("Last: %1").arg(QString::fromStdString(state.live.lastLine));
    live_->setText(lines.join(QLatin1Char('\n')));
}

void DevicesWindow::teach()
{
    const int row = chosen();
    devices::Lesson lesson;
    const QStringList lines = examples_->toPlainText().split(QLatin1Char('\n'), Qt::SkipEmptyParts);
    constexpr qsizetype mostExamples = 10;
    for (const QString& line : lines.mid(0, mostExamples))
        lesson.examples.push_back(line.toStdString());
    if (!lines.isEmpty()) {
        lesson.number = markOf(lines.front(), number_->text());
        lesson.unit = markOf(lines.front(), unit_->text());
        lesson.stable = markOf(lines.front(), stable_->text().trimmed());
    }
    if (!lesson.unit.any())
        lesson.unitAlways = devices::unitFromWord(unit_->text().trimmed().toStdString());
    const auto learnt = devices::learn(lesson);
    if (const auto* fault = std::get_if<devices::LessonFault>(&learnt)) {
        lesson_->setText(words::lessonFault(*fault));
        HouseStyle::setTone(lesson_, Tone::Care);
        return;
    }
    const auto& pattern = std::get<devices::TaughtLines>(learnt);
    const auto back = devices::readTaught(pattern, lesson.examples.front(), 0);
    lesson_->setText(back ? tr("Learnt: the first line is read as %1.")
                                .arg(speech_.mass(devices::gramsOf(*back).value_or(0.0)))
                          : tr("The first line cannot be read back: mark it anew."));
    HouseStyle::setTone(lesson_, back ? Tone::Fine : Tone::Care);
    if (row < 0 || !back)
        return;
    auto all = setups();
    all[std::size_t(row)].lines = pattern;
    keepDevices(all);
    desk_.setDevices(all);
}

void DevicesWindow::keep()
{
    const int row = chosen();
    if (row < 0)
        return;
    auto all = setups();
    for (int i = 0; i < probesShown; ++i)
        all[std::size_t(row)].probeAt[std::size_t(i)] =
            probes_[std::size_t(i)]->currentData().toString();
    keepDevices(all);
    desk_.setDevices(all);
}

} // namespace rhexion
