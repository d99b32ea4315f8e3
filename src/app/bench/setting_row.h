// One setting in the panel: its name, its fields, and below what it comes to in others' terms.
#pragma once

#include <QWidget>

class QComboBox;
class QHBoxLayout;
class QLabel;

namespace rhexion {

class SettingRow : public QWidget {
    Q_OBJECT
public:
    SettingRow(const QString& name, std::initializer_list<QWidget*> fields,
               QWidget* parent = nullptr);

    void setName(const QString& name);
    void setTerms(const QString& terms);
    QString terms() const;

private:
    QLabel* name_;
    QLabel* terms_;
    std::vector<QWidget*> fields_;
};

// A choice that names all its options; object for tests.
QComboBox* choiceOf(const QStringList& options, const char* object);

} // namespace rhexion
