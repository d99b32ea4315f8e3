// What may happen to a batch after its day, drawn at random, for laws over journals.
#pragma once

#include "core/batch/event.h"
#include "core/units/enum_count.h"
#include "support/random_formula.h"

namespace rhexion::test {

class RandomAfter {
public:
    explicit RandomAfter(unsigned seed) : draw_(seed) {}

    // materials: ids a lesson may be about; events: those a taken lesson may name.
    AfterWhat next(const std::vector<std::string>& materials,
                   const std::vector<std::string>& lessons)
    {
        switch (whole(0, 14)) {
        case 0:
        case 1: return OutcomeSeen{any<Seen>()};
        case 2: {
            CareDone done{any<Care>(), 0, {}};
            if (done.what == Care::Cut)
                done.bars = whole(1, 30);
            if (whole(0, 1))
                done.barMillimetres = {draw_.between(60, 90), draw_.between(50, 70),
                                       draw_.between(20, 35)};
            return done;
        }
        case 3: return Judged{any<Quality>(), whole(1, 5)};
        case 4: return StripRead{draw_.between(7, 13)};
        case 5:
        case 6: return BarsWeighed{draw_.between(90, 130), 1, 1.0, whole(0, 2) ? "" : "tray 2"};
        case 7:
            if (whole(0, 1))
                return AlkaliTested{CausticTitration{draw_.between(0, 3), 0.05, 0.1, 10.0}};
            return whole(0, 1) ? AlkaliTested{TotalTitration{10.0, 0.1, 7.0, 0.1, 5.0}}
                               : AlkaliTested{whole(0, 1) == 1};
        case 8: return PhotoKept{std::string(64, 'a') + ".jpg", any<PhotoOf>(), 0x8090a0u, "wet"};
        case 9: return VerdictGiven{any<Verdict>(), "slower next time"};
        case 10: {
            LessonKept lesson{"keep the jug cool", {}, whole(0, 3) ? "" : "long box"};
            for (const std::string& id : materials)
                if (whole(0, 4) == 0 && lesson.materials.size() < limits::mostAboutMaterials)
                    lesson.materials.push_back(id);
            return lesson;
        }
        case 11:
            if (!lessons.empty())
                return LessonRetired{lessons[std::size_t(whole(0, int(lessons.size()) - 1))]};
            return NextChange{"less water"};
        case 12: return NextChange{"half the scent"};
        case 13: {
            BarsMoved moved{any<BarsTo>(), whole(1, 3), {}};
            if (moved.to == BarsTo::Sold)
                moved.minor = whole(0, 900);
            return moved;
        }
        default: return CodeGiven{"26-1" + std::to_string(whole(10, 99)) + "-01A"};
        }
    }
    int whole(int low, int high) { return int(draw_.between(low, high + 0.999)); }

private:
    template <class Enum>
    Enum any()
    {
        return static_cast<Enum>(whole(0, int(countOf<Enum>()) - 1));
    }

    RandomFormulas draw_;
};

} // namespace rhexion::test
