#include "storage/text_file.h"

#include <QStringDecoder>

#include <array>

namespace rhexion {

namespace {

// 0x80 to 0x9f of Windows-1252, from its published table.
constexpr std::array<char16_t, 32> upper{
    0x20ac, 0x81,   0x201a, 0x192,  0x201e, 0x2026, 0x2020, 0x2021, 0x2c6,  0x2030, 0x160,
    0x2039, 0x152,  0x8d,   0x17d,  0x8f,   0x90,   0x2018, 0x2019, 0x201c, 0x201d, 0x2022,
    0x2013, 0x2014, 0x2dc,  0x2122, 0x161,  0x203a, 0x153,  0x9d,   0x17e,  0x178};

QString oneByteALetter(const QByteArray& bytes)
{
    QString out = QString::fromLatin1(bytes);
    for (QChar& c : out)
        if (c.unicode() >= 0x80 && c.unicode() < 0xa0)
            c = QChar(upper[c.unicode() - 0x80U]);
    return out;
}

bool isText(const QString& text)
{
    qsizetype odd = 0;
    for (const QChar c : text) {
        if (c.isNull())
            return false;
        if (c.unicode() < 0x20 && !(c.unicode() >= '\t' && c.unicode() <= '\r'))
            ++odd;
    }
    return odd * 100 <= text.size();
}

} // namespace

std::optional<QString> textOfBytes(const QByteArray& bytes)
{
    const auto marked = QStringDecoder::encodingForData(bytes);
    QStringDecoder decoder(marked.value_or(QStringDecoder::Utf8));
    QString text = decoder.decode(bytes);
    if (decoder.hasError() && !marked)
        text = oneByteALetter(bytes);
    if (!isText(text))
        return std::nullopt;
    return text;
}

} // namespace rhexion
