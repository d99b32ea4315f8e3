// Help on what is at hand: a widget names the page of the manual it is about; F1 opens the page of
// the nearest one that names any.
#pragma once

class QString;
class QWidget;

namespace rhexion {

class ManualWindow;

// page: its id, a literal.
void helpOn(QWidget* widget, const char* page);
// Of the widget or of what it stands in; empty where none names any.
QString helpPageOf(const QWidget* widget);
// The manual open at that page, in the one window it has; null with a warning where it is missing.
ManualWindow* openManual(const QString& page);

} // namespace rhexion
