// A maker's usual settings, with which new formulas begin: a formula file of its own with nothing
// in it but settings and hydroxides, read and written like any other.
#pragma once

#include <QObject>
#include <QString>

#include "core/formula/formula.h"
#include "storage/file_fault.h"

#include <optional>

namespace rhexion {

class MyWay : public QObject {
    Q_OBJECT
public:
    // Reads the file, if there is one. One that cannot be read is left as it is; fault() says why.
    explicit MyWay(const QString& folder, QObject* parent = nullptr);

    const std::optional<Formula>& settings() const { return settings_; }
    const std::optional<FileFault>& fault() const { return fault_; }
    // What a new formula begins as.
    Formula fresh() const;

    // The settings of a formula; neither its lines nor lye that is weighed already.
    std::optional<FileFault> keep(const Formula& formula);
    std::optional<FileFault> forget();

Q_SIGNALS:
    void changed();

private:
    QString path_;
    std::optional<Formula> settings_;
    std::optional<FileFault> fault_;
};

} // namespace rhexion
