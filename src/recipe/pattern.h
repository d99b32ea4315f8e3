// A pattern over UTF-8 text: PCRE2 with its just-in-time compiler and a limit on how long one match
// may take, so that hostile text costs no more than it must.
#pragma once

#include <array>
#include <cstddef>
#include <memory>
#include <optional>
#include <string>
#include <string_view>

namespace rhexion::recipe {

struct Match {
    static constexpr std::size_t none = static_cast<std::size_t>(-1);
    static constexpr std::size_t most = 12; // groups, the whole among them
    std::string_view subject;
    std::array<std::pair<std::size_t, std::size_t>, most> groups{};
    std::size_t count = 0;

    std::size_t start() const { return groups[0].first; }
    std::size_t end() const { return groups[0].second; }
    bool has(std::size_t group) const { return group < count && groups[group].first != none; }
    // Empty where the group took no part.
    std::string_view operator[](std::size_t group) const
    {
        return has(group)
                   ? subject.substr(groups[group].first, groups[group].second - groups[group].first)
                   : std::string_view();
    }
};

class Pattern {
public:
    enum class Case { Ignored, Kept };
    // A pattern that does not compile is a broken program: it aborts.
    explicit Pattern(const std::string& pattern, Case letters = Case::Ignored);
    ~Pattern();
    Pattern(Pattern&&) noexcept;
    Pattern& operator=(Pattern&&) noexcept;

    std::optional<Match> at(std::string_view subject, std::size_t from = 0) const; // just there
    std::optional<Match> find(std::string_view subject, std::size_t from = 0) const;
    bool whole(std::string_view subject) const; // from its first letter to its last
    bool in(std::string_view subject) const { return find(subject).has_value(); }

private:
    std::optional<Match> run(std::string_view subject, std::size_t from, unsigned options) const;
    struct Code;
    std::unique_ptr<Code> code_;
};

} // namespace rhexion::recipe
