// A maker's moulds, vessels, limits, certificates, prices and water, kept in her data folder and
// shared by every window.
#pragma once

#include <QObject>
#include <QString>

#include "storage/fittings.h"

#include <functional>
#include <optional>

namespace rhexion {

class OwnFittings : public QObject {
    Q_OBJECT
public:
    // Reads the file when first asked. One that cannot be read is left as it is; fault() says why,
    // and nothing is written over it. readOnly: another program has the folder.
    OwnFittings(const QString& folder, bool readOnly, QObject* parent = nullptr);

    const Fittings& all();
    const std::optional<FileFault>& fault() const { return fault_; }
    // What an empty folder begins with: the demo's.
    void setFirst(const Fittings& first) { first_ = first; }

    // Changes what is kept and writes it; the fault where it could not be, and nothing changes.
    std::optional<FileFault> change(const std::function<void(Fittings&)>& how);

Q_SIGNALS:
    void changed();

private:
    QString path_;
    bool readOnly_;
    bool read_ = false;
    Fittings fittings_;
    std::optional<Fittings> first_;
    std::optional<FileFault> fault_;
};

} // namespace rhexion
