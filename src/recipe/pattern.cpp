#include "recipe/pattern.h"

#define PCRE2_CODE_UNIT_WIDTH 8
#include <pcre2.h>

#include <algorithm>
#include <cstdio>
#include <cstdlib>

namespace rhexion::recipe {

namespace {

// Where a match leaves its groups: one a thread, so that readers never share one.
struct MatchData {
    pcre2_match_data* data = pcre2_match_data_create(Match::most, nullptr);
    ~MatchData() { pcre2_match_data_free(data); }
};
pcre2_match_data* matchData()
{
    thread_local const MatchData own;
    return own.data;
}

constexpr unsigned matchLimit = 200'000; // steps back; a recipe's own lines need some hundreds
} // namespace

struct Pattern::Code {
    pcre2_code* code = nullptr;
    pcre2_match_context* context = nullptr;
    ~Code()
    {
        pcre2_match_context_free(context);
        pcre2_code_free(code);
    }
};

Pattern::Pattern(const std::string& pattern, Case letters) : code_(std::make_unique<Code>())
{
    int error = 0;
    PCRE2_SIZE at = 0;
    const auto options =
        PCRE2_UTF | PCRE2_DOLLAR_ENDONLY | (letters == Case::Ignored ? PCRE2_CASELESS : 0U);
    code_->code = pcre2_compile(reinterpret_cast<PCRE2_SPTR>(pattern.data()), pattern.size(),
                                options, &error, &at, nullptr);
    if (!code_->code) {
        std::fprintf(stderr, "pattern %s: error %d at %zu\n", pattern.c_str(), error, at);
        std::abort();
    }
    pcre2_jit_compile(code_->code, PCRE2_JIT_COMPLETE); // without it, it is only slower
    code_->context = pcre2_match_context_create(nullptr);
    pcre2_set_match_limit(code_->context, matchLimit);
}

Pattern::~Pattern() = default;
Pattern::Pattern(Pattern&&) noexcept = default;
Pattern& Pattern::operator=(Pattern&&) noexcept = default;

std::optional<Match> Pattern::run(std::string_view subject, std::size_t from,
                                  unsigned options) const
{
    if (from > subject.size())
        return std::nullopt;
    // The text was made good UTF-8 before any pattern saw it.
    const int got =
        pcre2_match(code_->code, reinterpret_cast<PCRE2_SPTR>(subject.data()), subject.size(), from,
                    options | PCRE2_NO_UTF_CHECK, matchData(), code_->context);
    if (got <= 0)
        return std::nullopt;
    Match match;
    match.subject = subject;
    match.count = std::min<std::size_t>(match.groups.size(), static_cast<std::size_t>(got));
    const PCRE2_SIZE* places = pcre2_get_ovector_pointer(matchData());
    for (std::size_t i = 0; i < match.count; ++i)
        match.groups[i] = {places[2 * i] == PCRE2_UNSET ? Match::none : places[2 * i],
                           places[2 * i + 1]};
    return match;
}

std::optional<Match> Pattern::at(std::string_view subject, std::size_t from) const
{
    return run(subject, from, PCRE2_ANCHORED);
}

std::optional<Match> Pattern::find(std::string_view subject, std::size_t from) const
{
    return run(subject, from, 0);
}

bool Pattern::whole(std::string_view subject) const
{
    return run(subject, 0, PCRE2_ANCHORED | PCRE2_ENDANCHORED).has_value();
}

} // namespace rhexion::recipe
