#include "app/benches/benches_window.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "core/after/batch_code.h"
#include "core/materials/limits.h"
#include "words/refusal_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace rhexion {

BenchesWindow::BenchesWindow(BenchLink& link, char own, QWidget* owner)
    : LeavableWindow(owner), link_(link)
{
    helpOn(this, "benches");
    setWindowTitle(tr("Several benches, one journal"));
    setObjectName(QStringLiteral("page"));
    resize(620, 520);
    auto* about = new Label(
        tr("Benches that share a server see each other’s batches and jars. Each goes on writing to "
           "its own file first, so that nothing waits for the server, and catches up when it is "
           "there."),
        this);
    about->setWordWrap(true);
    name_ = new QLineEdit(link_.name(), this);
    name_->setMaxLength(int(limits::benchName));
    name_->setPlaceholderText(tr("as the others know it, such as Kitchen table"));
    letter_ = new QComboBox(this);
    letter_->addItem(own ? tr("%1, chosen by the program").arg(QLatin1Char(own))
                         : tr("chosen by the program"),
                     QString());
    for (const char letter : benchLetters)
        letter_->addItem(QString(QLatin1Char(letter)), QString(QLatin1Char(letter)));
    if (link_.letter())
        letter_->setCurrentIndex(letter_->findData(QString(QLatin1Char(link_.letter()))));
    connect(name_, &QLineEdit::editingFinished, this, &BenchesWindow::keepName);
    connect(letter_, qOverload<int>(&QComboBox::activated), this, &BenchesWindow::keepName);
    host_ = new QLineEdit(this);
    host_->setPlaceholderText(tr("name or address, such as workshop.local"));
    port_ = new QSpinBox(this);
    port_->setRange(1, 65535);
    database_ = new QLineEdit(this);
    user_ = new QLineEdit(this);
    password_ = new QLineEdit(this);
    password_->setEchoMode(QLineEdit::Password);
    for (QLineEdit* field : {host_, database_, user_, password_})
        field->setMaxLength(200);
    keep_ = new QCheckBox(tr("Keep the password in the desktop’s keyring"), this);
    keep_->setChecked(true);
    auto* form = new QFormLayout;
    form->addRow(tr("Name of this bench"), name_);
    form->addRow(tr("Its letter in batch codes"), letter_);
    form->addRow(tr("Server"), host_);
    form->addRow(tr("Port"), port_);
    form->addRow(tr("Database"), database_);
    form->addRow(tr("Your name there"), user_);
    form->addRow(tr("Password"), password_);
    form->addRow(QString(), keep_);
    try_ = new QPushButton(tr("Try it"), this);
    join_ = new QPushButton(this);
    join_->setObjectName(QStringLiteral("primary"));
    tried_ = new Label(this);
    tried_->setWordWrap(true);
    state_ = new Label(this);
    state_->setWordWrap(true);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(try_);
    buttons->addWidget(join_);
    buttons->addStretch();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 14);
    column->setSpacing(10);
    column->addWidget(about);
    column->addLayout(form);
    column->addLayout(buttons);
    column->addWidget(tried_);
    column->addWidget(state_);
    column->addStretch();

    const ServerPlace kept = link_.place();
    host_->setText(kept.host);
    port_->setValue(kept.port);
    database_->setText(kept.database);
    user_->setText(kept.user);
    connect(try_, &QPushButton::clicked, this, [this] {
        try_->setEnabled(false);
        tried_->setText(tr("Asking the server…"));
        link_.tryOut(typed(), [this](const std::optional<FileFault>& why) {
            try_->setEnabled(true);
            tried_->setText(why ? words::serverFault(*why)
                                : tr("It answers, and this name may write there."));
        });
    });
    connect(join_, &QPushButton::clicked, this, [this] {
        tried_->clear();
        if (link_.isJoined()) {
            link_.leave();
            return;
        }
        // The others are told who it is; the machine's name is better than none.
        if (name_->text().trimmed().isEmpty())
            name_->setText(QSysInfo::machineHostName().left(int(limits::benchName)));
        keepName();
        link_.join(typed(), keep_->isChecked());
    });
    connect(&link_, &BenchLink::changed, this, &BenchesWindow::refresh);
    connect(&link_, &BenchLink::news, this, &BenchesWindow::tell);
    refresh();
}

void BenchesWindow::keepName()
{
    const QString letter = letter_->currentData().toString();
    link_.setNamed(name_->text(), letter.isEmpty() ? '\0' : letter.front().toLatin1());
}

ServerPlace BenchesWindow::typed() const
{
    return {host_->text().trimmed(), port_->value(), database_->text().trimmed(),
            user_->text().trimmed(), password_->text()};
}

QString BenchesWindow::said() const
{
    return tried_->text() + QLatin1Char('\n') + state_->text();
}

void BenchesWindow::tell(const CourierNews& news)
{
    state_->setText(
        words::serverState(news.state == CourierNews::State::InStep, news.why, news.waiting));
}

void BenchesWindow::refresh()
{
    const bool joined = link_.isJoined();
    join_->setText(joined ? tr("Leave the others") : tr("Join the others"));
    for (QWidget* field :
         std::initializer_list<QWidget*>{host_, port_, database_, user_, password_, keep_, try_})
        field->setEnabled(!joined);
    if (!joined)
        state_->setText(tr("This bench keeps its journal to itself."));
    else if (link_.courier())
        tell(link_.courier()->latest());
    if (joined && !link_.keyringSaid().isEmpty())
        tried_->setText(tr("The keyring did not keep the password (%1): it is asked again at the "
                           "next start.")
                            .arg(link_.keyringSaid()));
}

} // namespace rhexion
