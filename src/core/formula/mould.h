// What a batch is poured into, how it is cut, and how it is handled: what the maker chooses besides
// the grams. None of it changes a reckoned gram.
#pragma once

#include "core/formula/mould_shape.h"

#include <cstdint>
#include <string>
#include <vector>

namespace rhexion {

using PortionId = std::uint32_t;

struct Mould {
    std::string name;
    MouldShape shape = Loaf{};
    int count = 1; // cavities, all alike; 1 to mostCavities
    double room() const { return count * capacityOf(shape); } // ml
    friend bool operator==(const Mould&, const Mould&) = default;
};
std::optional<Cannot> faultOf(const Mould& mould);

struct MouldUse {
    Mould mould;
    PortionId portion = 0; // 0: all of the batter, or those portions that have none of their own
    double fillTo = 1.0;   // share of its height, of its room for a free shape; above 0, at most 1
    friend bool operator==(const MouldUse&, const MouldUse&) = default;
};

struct Cutting { // mm
    double bar = 25.0;
    double trim = 0.0; // off each end
    double kerf = 0.0; // 0 with a wire
    friend bool operator==(const Cutting&, const Cutting&) = default;
};
std::optional<Cannot> faultOf(const Cutting& cutting);

enum class Blending { Bursts, Whisk, Long };
enum class GelPlan { NotKnown, Gelled, KeptCool };
// For whom a scent's cap is read; a cap of one kind is never used for another.
enum class ProductKind { RinseOff, Face, Baby, Cleaning, LeaveOn };

struct Handling {
    Blending blending = Blending::Bursts;
    GelPlan gel = GelPlan::NotKnown;
    ProductKind product = ProductKind::RinseOff;
    std::vector<std::string> factorsOff; // codes of working_time.h that the maker switched off
    friend bool operator==(const Handling&, const Handling&) = default;
};

const char* codeOf(Blending blending);
const char* codeOf(GelPlan gel);
const char* codeOf(ProductKind kind);
std::optional<Blending> blendingFromCode(const std::string& code);
std::optional<GelPlan> gelPlanFromCode(const std::string& code);
std::optional<ProductKind> productKindFromCode(const std::string& code);

} // namespace rhexion
