"""The tests whose subject is the core, for tools/mutate.py and tools/not_run.py."""
import pathlib
import subprocess

root = pathlib.Path(__file__).resolve().parent.parent

# Outside tests/core: its materials, every figure of a reckoning and every printed sum, the fold of
# a batch, and what it makes of many random inputs.
BESIDES = ["tst_catalogue", "tst_foods", "tst_every_figure", "tst_words", "tst_journal",
           "tst_kept_many", "tst_kept_making", "tst_kept_after", "tst_kept_days"]
TARGETS = ["tests_core", *BESIDES]


def names():
    return sorted(path.stem for path in (root / "tests/core").glob("tst_*.cpp")) + BESIDES


def configure(source, build, flags):
    """Core and tests by themselves, a file at a time; what builds them."""
    subprocess.run(["cmake", "-S", source, "-B", build, "-G", "Ninja", "-DCMAKE_BUILD_TYPE=Debug",
                    f"-DCMAKE_CXX_FLAGS_DEBUG={flags}", "-DCMAKE_LINK_DEPENDS_NO_SHARED=ON",
                    "-DCMAKE_UNITY_BUILD=OFF"], check=True, stdout=subprocess.DEVNULL)
    return ["cmake", "--build", str(build), "--target", *TARGETS]
