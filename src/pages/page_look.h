// The colours and sizes of a page of text, handed in: pages know nothing of windows.
#pragma once

#include <QString>

namespace rhexion {

struct PageLook {
    QString muted = QStringLiteral("#555555");
    QString care = QStringLiteral("#8a5a00");
    QString danger = QStringLiteral("#a82a1e");
    QString action = QStringLiteral("#0e6a62");
    int small = 13; // px
    int head = 16;
};

} // namespace rhexion
